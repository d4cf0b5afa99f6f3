<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A link that was sent by mail and works once.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $email_key
 * @property string $token
 * @property int|null $order_id
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 */
final class ShopperLink extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }
}
