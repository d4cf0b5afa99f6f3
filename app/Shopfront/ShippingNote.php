<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use App\Models\Shop;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Quantity;
use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\ShippingWords;
use PaperKite\Quote\Unquotable;
use PaperKite\Time\Moment;
use PaperKite\Words\Country;

/** What sending one piece would cost, with the reason; blank where it can't be told. */
final class ShippingNote
{
    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function of(Shop $shop, Product $product, string $country, Moment $at): string
    {
        if ($product->kind->isElsewhere()) {
            return '';
        }
        $core = $product->toCore();
        if (! $core->ships()) {
            return $core->kind->ships() ? $shop->wording()->say('product.collected') : '';
        }
        try {
            $shipping = Quote::of(new QuoteRequest($shop->rules(), [new Pick($core, Quantity::of(1), $core->variants[0] ?? null)], $country, $at))->shipping;
        } catch (Unquotable) {
            return '';
        }
        $say = $shop->wording();

        return $shipping->fee->isZero() ? $say->say('product.ships_free', country: new Country($country)) : $say->say('product.ships_for', country: new Country($country), fee: $shipping->fee).' '.ShippingWords::of($shipping)->in($say);
    }
}
