<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\People\Role;

/**
 * A link by which somebody comes to work in a shop, once.
 *
 * @property int $id
 * @property int $shop_id
 * @property Role $role
 * @property string $digest
 * @property int|null $person_id
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 * @property Shop $shop
 */
final class Invitation extends Model
{
    use HasEmail;

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'created_at' => 'immutable_datetime', 'expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
