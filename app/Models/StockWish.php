<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That somebody wants to be told when something is back.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $product_id
 * @property string $email
 * @property string $email_key
 * @property string $token SHA-256 of the secret in the mail
 * @property string $consent what they read when they asked
 * @property CarbonImmutable $asked_at
 * @property CarbonImmutable|null $told_at
 * @property CarbonImmutable|null $ended_at
 * @property Shop $shop
 * @property Product $product
 */
final class StockWish extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['asked_at' => 'immutable_datetime', 'told_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }
}
