<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use LogicException;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;

/** What a shipping rule did, said to the shopper: the rule that applied, and the one that it overrode. */
final class ShippingWords
{
    public static function of(Shipping $shipping): Said
    {
        $said = self::rule($shipping);
        $free = $shipping->zone?->freeFrom;

        return $shipping->missedWith === null || $free === null || $shipping->fee->isZero()
            ? $said
            : Said::of(Phrase::FreeShippingMissed, rule: $said, from: $free, goods: $shipping->missedWith);
    }

    private static function rule(Shipping $shipping): Said
    {
        $rule = self::applied($shipping);

        return match ($shipping->overridden) {
            null, ShippingRule::NothingShips, ShippingRule::FreeByCoupon => Said::of(Phrase::ShippingRule, rule: $rule),
            ShippingRule::FreeFrom => Said::of(Phrase::RuleInsteadOfFree, rule: $rule),
            ShippingRule::Table => Said::of(Phrase::RuleInsteadOfTable, rule: $rule, zone: $shipping->zone->name ?? ''),
            ShippingRule::ItemFees => Said::of(Phrase::RuleInsteadOfItems, rule: $rule),
        };
    }

    /** A number as the table measures it: `€20.00`, `5,000 g`, `3 pieces`. */
    public static function measured(ShippingMeasure $by, int $amount, Currency $currency): Money|Said
    {
        return match ($by) {
            ShippingMeasure::Total => Money::ofMinor($amount, $currency),
            ShippingMeasure::Weight => Said::of(Phrase::Grams, count: $amount),
            ShippingMeasure::Quantity => $amount === 1 ? Said::of(Phrase::OnePiece) : Said::of(Phrase::Pieces, count: $amount),
        };
    }

    private static function applied(Shipping $shipping): Said
    {
        return match ($shipping->rule) {
            ShippingRule::NothingShips => Said::of(Phrase::NothingIsSent),
            ShippingRule::FreeByCoupon => Said::of(Phrase::CouponShipsFree),
            ShippingRule::FreeFrom => Said::of(Phrase::GoodsShipFree, amount: $shipping->zone->freeFrom ?? $shipping->fee),
            ShippingRule::Table => self::band($shipping),
            ShippingRule::ItemFees => Said::of($shipping->fee->isZero() ? Phrase::ShippingIncluded : Phrase::FeesOfTheItems),
        };
    }

    private static function band(Shipping $shipping): Said
    {
        $table = $shipping->zone->table ?? throw new LogicException('A band is of a table.');
        $isFree = $shipping->fee->isZero();
        if (count($table->bands) === 1) {
            return $isFree ? Said::of(Phrase::EveryOrderShipsFree) : Said::of(Phrase::EveryOrderShipsFor, fee: $shipping->fee);
        }
        $these = self::reach($table, $shipping->band);

        return $isFree ? Said::of(Phrase::TheseShipFree, these: $these) : Said::of(Phrase::TheseShipFor, these: $these, fee: $shipping->fee);
    }

    /** From where to where a band counts: "Orders of €20.00 to under €40.00". */
    private static function reach(ShippingTable $table, int $band): Said
    {
        $areParcels = $table->by === ShippingMeasure::Weight;
        $measured = static fn (ShippingBand $of): Money|Said => self::measured($table->by, $of->from, $of->fee->currency);
        $from = $measured($table->bands[$band]);
        $next = $table->bands[$band + 1] ?? null;

        return match (true) {
            $next === null => Said::of($areParcels ? Phrase::ParcelsFrom : Phrase::OrdersFrom, from: $from),
            $band === 0 => Said::of($areParcels ? Phrase::ParcelsUnder : Phrase::OrdersUnder, until: $measured($next)),
            default => Said::of($areParcels ? Phrase::ParcelsBetween : Phrase::OrdersBetween, from: $from, until: $measured($next)),
        };
    }
}
