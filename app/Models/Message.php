<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $shop_id
 * @property int|null $order_id
 * @property int $about_id
 * @property MessageKind $kind
 * @property string $to
 * @property string $subject
 * @property string $text
 * @property string|null $html
 * @property CarbonImmutable|null $sent_at
 * @property Shop $shop
 */
final class Message extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MessageKind::class, 'sent_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
