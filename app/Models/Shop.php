<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Offer\Readiness;
use PaperKite\Quote\ShopRules;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $host
 * @property string $currency
 * @property string $accent
 * @property int $shipping_fee_minor
 * @property string|null $payee
 * @property int $last_order_number
 */
final class Shop extends Model
{
    public function getRouteKeyName(): string
    {
        return 'slug';
    }

    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, $this->currency());
    }

    public function currency(): Currency
    {
        return Currency::of($this->currency);
    }

    public function rules(): ShopRules
    {
        return new ShopRules($this->currency(), $this->money($this->shipping_fee_minor));
    }

    public function readiness(): Readiness
    {
        return new Readiness(hasPayee: $this->payee !== null, hasProvider: config('kite.payments.provider') !== null);
    }

    /** The shop's own origin, without a slash at its end: the base of every link. */
    public function base(): string
    {
        $port = config('kite.port');

        return config()->string('kite.scheme')."://{$this->host}".(is_scalar($port) && (string) $port !== '' ? ":{$port}" : '');
    }

    /** @return BelongsToMany<Person, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'memberships');
    }

    /** @return HasMany<Product, $this> */
    public function products(): HasMany
    {
        return $this->hasMany(Product::class);
    }

    /** @return HasMany<Offer, $this> */
    public function offers(): HasMany
    {
        return $this->hasMany(Offer::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return HasMany<RefusedEvent, $this> */
    public function refusedEvents(): HasMany
    {
        return $this->hasMany(RefusedEvent::class);
    }
}
