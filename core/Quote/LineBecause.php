<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Plan;
use PaperKite\Time\IntervalUnit;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;

/** Why the amounts of a line are what they are, said to the shopper; `null` where nothing needs saying. */
final readonly class LineBecause
{
    private function __construct(
        public ?Said $unit,
        public ?Said $discount,
        public ?Said $tax,
    ) {}

    public static function of(ReceiptLine $line, Receipt $receipt): self
    {
        return new self(
            self::unit($line),
            $line->discount->isZero() ? null : Said::of(Phrase::ShareOfCoupon, code: $receipt->discount->coupon->code ?? ''),
            self::tax($line, $receipt),
        );
    }

    private static function unit(ReceiptLine $line): ?Said
    {
        $unit = $line->unit;
        $parts = array_values(array_filter([
            self::plan($line->pick, $unit),
            $unit->sale === null ? null : Said::of(Phrase::OnSale, sale: $unit->sale->price, regular: $unit->regular),
            $unit->source === PriceSource::Choice && $unit->sale === null ? Said::of(Phrase::ChoiceSetsPrice, price: $unit->regular) : null,
            $unit->added->isZero() ? null : Said::of(Phrase::ChoicesAdd, amount: $unit->added),
        ]));

        return $parts === [] ? null : Said::sentence($parts);
    }

    private static function plan(Pick $pick, UnitPrice $unit): ?Said
    {
        $plan = $pick->plan();
        if ($plan === null) {
            return null;
        }
        $price = self::perInterval($plan, $unit);
        $begun = match ($plan->trialDays) {
            null => $price,
            1 => Said::of(Phrase::FreeForADay, price: $price),
            default => Said::of(Phrase::FreeForDays, days: $plan->trialDays, price: $price),
        };

        return $plan->signUp === null ? $begun : Said::of(Phrase::SignUp, plan: $begun, amount: $plan->signUp);
    }

    private static function perInterval(Plan $plan, UnitPrice $unit): Said
    {
        [$one, $several] = match ($plan->interval->unit) {
            IntervalUnit::Week => [Phrase::PricePerWeek, Phrase::PricePerWeeks],
            IntervalUnit::Month => [Phrase::PricePerMonth, Phrase::PricePerMonths],
            IntervalUnit::Quarter => [Phrase::PricePerQuarter, Phrase::PricePerQuarters],
            IntervalUnit::Year => [Phrase::PricePerYear, Phrase::PricePerYears],
        };

        return $plan->interval->every === 1 ? Said::of($one, price: $unit->price) : Said::of($several, price: $unit->price, every: $plan->interval->every);
    }

    private static function tax(ReceiptLine $line, Receipt $receipt): ?Said
    {
        $rate = $receipt->shop->tax->rate($receipt->country, $line->pick->product->taxClass);

        return $line->tax->isZero() || $rate === null ? null : Said::of($receipt->shop->tax->areContained ? Phrase::RateContained : Phrase::RateOnTop, rate: $rate->text);
    }
}
