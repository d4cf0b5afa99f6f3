<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Models\FrozenCheckout;
use App\Models\FrozenLine;
use PaperKite\Checkout\ShopperDetails;

/**
 * A frozen checkout as JSON. A payment may be opened by one release and ordered by the next: what a release does not
 * know is left alone, and what it misses has a default.
 *
 * Version 1 names its keys as the classes name their properties.
 */
final class FrozenCheckoutCodec
{
    private const VERSION = 1;

    public static function encode(FrozenCheckout $checkout): string
    {
        return json_encode(['v' => self::VERSION] + get_object_vars($checkout), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function decode(string $json): FrozenCheckout
    {
        $kept = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        $all = new KeptValues(is_array($kept) ? $kept : []);

        return new FrozenCheckout(
            array_map(self::line(...), $all->parts('lines')),
            self::shopper($all->part('shopper')),
            $all->integer('itemsMinor'),
            $all->integer('discountMinor'),
            $all->integer('shippingMinor'),
            $all->integer('taxMinor'),
            $all->isTrue('taxIsContained'),
            $all->integer('profitMinor'),
            $all->optionalInteger('couponId'),
            $all->optionalText('couponCode'),
            $all->texts('reasons'),
            $all->optionalInteger('shippingTaxMinor'),
            $all->optionalText('shippingTaxRate'),
        );
    }

    private static function line(KeptValues $line): FrozenLine
    {
        return new FrozenLine(
            $line->integer('productId'),
            $line->optionalInteger('variantId'),
            $line->optionalInteger('placementId'),
            $line->text('sku'),
            $line->text('name'),
            $line->text('choices'),
            $line->text('picture'),
            $line->integer('quantity'),
            $line->integer('unitMinor'),
            $line->integer('subtotalMinor'),
            $line->integer('discountMinor'),
            $line->integer('taxMinor'),
            $line->text('because'),
            $line->optionalText('taxClass'),
            $line->optionalText('taxRate'),
            $line->optionalInteger('profitMinor'),
            $line->optionalInteger('labelId'),
        );
    }

    private static function shopper(KeptValues $shopper): ShopperDetails
    {
        return new ShopperDetails(
            $shopper->text('email'),
            $shopper->text('name'),
            $shopper->text('street'),
            $shopper->text('postcode'),
            $shopper->text('town'),
            $shopper->text('country'),
            phone: $shopper->text('phone'),
            company: $shopper->text('company'),
            comment: $shopper->text('comment'),
        );
    }
}
