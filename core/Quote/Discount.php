<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Money\Shares;
use PaperKite\Time\Moment;

/** Rule 3: what a coupon takes off, and off which lines. */
final readonly class Discount
{
    /** @param  list<Money>  $shares  what is taken off each line of the cart, in its order */
    private function __construct(
        public ?Coupon $coupon,
        public ?CouponRefusal $refusal,
        public Money $total,
        public array $shares,
    ) {}

    /** @param  list<PricedLine>  $lines */
    public static function of(?Coupon $coupon, array $lines, Currency $currency, Moment $at): self
    {
        $none = Money::zero($currency);
        if ($coupon === null) {
            return self::nothing(null, null, $none, $lines);
        }
        $areEligible = array_map(static fn (PricedLine $line): bool => $coupon->isEligible($line->pick), $lines);
        // A line that is not eligible weighs nothing, so that nothing falls to it.
        $eligible = array_map(static fn (PricedLine $line, bool $isEligible): Money => $isEligible ? $line->subtotal : $none, $lines, $areEligible);
        $sum = Money::sum($eligible, $currency);
        $refusal = self::refusal($coupon, in_array(true, $areEligible, true), $sum, $at);
        if ($refusal !== null) {
            return self::nothing($coupon, $refusal, $none, $lines);
        }
        $total = $coupon->reduction($sum);

        return new self($coupon, null, $total, Shares::inProportion($total, $eligible));
    }

    public function freesShipping(): bool
    {
        return $this->coupon?->kind === CouponKind::FreeShipping && $this->refusal === null;
    }

    /** @param  list<PricedLine>  $lines */
    private static function nothing(?Coupon $coupon, ?CouponRefusal $refusal, Money $none, array $lines): self
    {
        return new self($coupon, $refusal, $none, array_fill(0, count($lines), $none));
    }

    private static function refusal(Coupon $coupon, bool $isAnyEligible, Money $sum, Moment $at): ?CouponRefusal
    {
        return match (true) {
            ! $isAnyEligible => CouponRefusal::NothingEligible,
            $coupon->from !== null && $at->isBefore($coupon->from) => CouponRefusal::NotYet,
            $coupon->until !== null && ! $at->isBefore($coupon->until) => CouponRefusal::Over,
            $coupon->minSpend !== null && $sum->isLessThan($coupon->minSpend) => CouponRefusal::TooLittle,
            default => null,
        };
    }
}
