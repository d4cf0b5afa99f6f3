<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * From "pay" to the order, however often it is tried to pay: the bill that was shown, and for whom.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $cart_id
 * @property string $reference opens the page to which the shopper comes back
 * @property string $digest of the bill that was shown
 * @property FrozenCheckout $bill
 * @property CheckoutState $state
 * @property CarbonImmutable $created_at
 * @property Cart|null $cart
 * @property Order|null $order
 */
final class Checkout extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => CheckoutState::class, 'bill' => FrozenCheckout::class, 'created_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Cart, $this> */
    public function cart(): BelongsTo
    {
        return $this->belongsTo(Cart::class);
    }

    /** @return HasMany<Payment, $this> */
    public function payments(): HasMany
    {
        return $this->hasMany(Payment::class);
    }

    /** @return HasOne<Order, $this> */
    public function order(): HasOne
    {
        return $this->hasOne(Order::class);
    }
}
