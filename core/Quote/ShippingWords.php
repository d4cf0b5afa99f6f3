<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/** What a shipping rule did, said to the shopper: the rule that applied, and the one that it overrode. */
final class ShippingWords
{
    public static function of(Shipping $shipping): string
    {
        $overrides = match ($shipping->overridden) {
            null, ShippingRule::NothingShips, ShippingRule::FreeByCoupon => '',
            ShippingRule::FreeFrom => '; it would have shipped free without it',
            ShippingRule::Table => "; the table of fees for “{$shipping->zone?->name}” does not count",
            ShippingRule::ItemFees => '; the fee on the item does not count',
        };

        return self::applied($shipping).$overrides.'.';
    }

    /** A number as the table measures it: `€20.00`, `5,000 g`, `3 pieces`. */
    public static function measured(ShippingMeasure $by, int $amount, Currency $currency): string
    {
        return match ($by) {
            ShippingMeasure::Total => Money::ofMinor($amount, $currency)->shown(),
            ShippingMeasure::Weight => number_format($amount).' g',
            ShippingMeasure::Quantity => $amount === 1 ? '1 piece' : number_format($amount).' pieces',
        };
    }

    private static function applied(Shipping $shipping): string
    {
        return match ($shipping->rule) {
            ShippingRule::NothingShips => 'Nothing of this is sent today',
            ShippingRule::FreeByCoupon => 'The coupon ships the order free',
            ShippingRule::FreeFrom => "Goods from {$shipping->zone?->freeFrom?->shown()} ship free",
            ShippingRule::Table => self::band($shipping),
            ShippingRule::ItemFees => $shipping->fee->isZero() ? 'Shipping is included in the prices' : 'The shipping fees of the items, added up',
        };
    }

    private static function band(Shipping $shipping): string
    {
        $table = $shipping->zone->table ?? throw new \LogicException('A band is of a table.');
        if (count($table->bands) === 1) {
            return $shipping->fee->isZero() ? 'Every order ships free' : "Every order ships for {$shipping->fee->shown()}, however much is in it";
        }
        $price = $shipping->fee->isZero() ? 'free' : "for {$shipping->fee->shown()}";

        return self::reach($table, $shipping->band)." ship {$price}";
    }

    /** From where to where a band counts: "Orders of €20.00 to under €40.00". */
    private static function reach(ShippingTable $table, int $band): string
    {
        $what = $table->by === ShippingMeasure::Weight ? 'Parcels' : 'Orders';
        $shown = static fn (ShippingBand $of): string => self::measured($table->by, $of->from, $of->fee->currency);
        $from = $shown($table->bands[$band]);
        $next = $table->bands[$band + 1] ?? null;

        return match (true) {
            $next === null => "{$what} of {$from} or more",
            $band === 0 => "{$what} under {$shown($next)}",
            default => "{$what} of {$from} to under {$shown($next)}",
        };
    }
}
