<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\LookCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Look\Look as CoreLook;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property CoreLook $values
 * @property CoreLook|null $earlier
 * @property CarbonImmutable|null $put_away_at
 * @property Shop $shop
 */
final class Look extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['values' => LookCast::class, 'earlier' => LookCast::class, 'put_away_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
