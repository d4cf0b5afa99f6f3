<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;

/** Why the amounts of a line are what they are; `null` where nothing needs saying. */
final readonly class LineBecause
{
    private function __construct(
        public ?string $unit,
        public ?string $discount,
        public ?string $tax,
    ) {}

    public static function of(ReceiptLine $line, Receipt $receipt): self
    {
        return new self(
            self::unit($line),
            $line->discount->isZero() ? null : "This line’s share of what coupon “{$receipt->discount->coupon?->code}” takes off.",
            self::tax($line, $receipt),
        );
    }

    private static function unit(ReceiptLine $line): ?string
    {
        $unit = $line->unit;
        $parts = array_filter([
            self::plan($line->pick, $unit),
            $unit->sale === null ? null : "on sale for {$unit->sale->price->shown()} instead of {$unit->regular->shown()}",
            $unit->source === PriceSource::Choice && $unit->sale === null ? "the choice sets the price to {$unit->regular->shown()}" : null,
            $unit->added->isZero() ? null : "the choices add {$unit->added->shown()}",
        ]);
        $sentence = implode('; ', $parts);

        return $sentence === '' ? null : mb_strtoupper(mb_substr($sentence, 0, 1)).mb_substr($sentence, 1).'.';
    }

    private static function plan(Pick $line, UnitPrice $unit): ?string
    {
        $plan = $line->plan();
        if ($plan === null) {
            return null;
        }
        $price = "{$unit->price->shown()} {$plan->interval->words()}";
        $begun = match ($plan->trialDays) {
            null => $price,
            1 => "free for a day, then {$price}",
            default => "free for {$plan->trialDays} days, then {$price}",
        };

        return $plan->signUp === null ? $begun : "{$begun}, and {$plan->signUp->shown()} once to begin";
    }

    private static function tax(ReceiptLine $line, Receipt $receipt): ?string
    {
        $rate = $receipt->shop->tax->rate($receipt->country, $line->pick->product->taxClass);
        if ($line->tax->isZero() || $rate === null) {
            return null;
        }

        return $receipt->shop->tax->areContained
            ? "{$rate->text} % is contained in the price."
            : "{$rate->text} % comes on top of the price.";
    }
}
