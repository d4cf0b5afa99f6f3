<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Payment\PaymentOrder;
use PaperKite\Payment\PaymentTerms;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $checkout_id
 * @property string $reference ours, by which the provider names it
 * @property string|null $provider_id
 * @property string|null $hosted_url
 * @property int $amount_minor
 * @property string $currency
 * @property string $payee
 * @property string $cart_digest
 * @property PaymentState $state
 * @property int $captured_minor
 * @property int $refunded_minor
 * @property CarbonImmutable|null $captured_at
 * @property int $asks
 * @property CarbonImmutable|null $void_wanted_at
 * @property CarbonImmutable|null $voided_at
 * @property CarbonImmutable $created_at
 * @property Shop $shop
 * @property Checkout $checkout
 */
final class Payment extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => PaymentState::class, 'created_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime', 'void_wanted_at' => 'immutable_datetime', 'voided_at' => 'immutable_datetime', 'captured_at' => 'immutable_datetime'];
    }

    public function amount(): Money
    {
        return Money::ofMinor($this->amount_minor, Currency::of($this->currency));
    }

    public function terms(): PaymentTerms
    {
        return new PaymentTerms($this->provider_id ?? '', $this->amount(), $this->payee, $this->cart_digest);
    }

    /** What the provider is asked to open. */
    public function order(): PaymentOrder
    {
        $base = $this->shop->base();

        return new PaymentOrder(
            reference: $this->reference,
            amount: $this->amount(),
            payee: $this->payee,
            digest: $this->cart_digest,
            description: $this->shop->name,
            returnTo: "{$base}/return/{$this->checkout->reference}",
            cancelTo: "{$base}/cancelled/{$this->checkout->reference}",
            eventsTo: "{$base}/events/payments",
        );
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Checkout, $this> */
    public function checkout(): BelongsTo
    {
        return $this->belongsTo(Checkout::class);
    }

    /** @return HasMany<RefusedEvent, $this> */
    public function refusals(): HasMany
    {
        return $this->hasMany(RefusedEvent::class);
    }
}
