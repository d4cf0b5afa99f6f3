<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;

/** Why the amounts of a receipt are what they are, said to the shopper; `null` where nothing needs saying. */
final readonly class Because
{
    private function __construct(
        public ?Said $discount,
        public Said $shipping,
        public ?Said $tax,
        public ?Said $giftCards,
        public ?Said $dueNow,
        public ?Said $later,
    ) {}

    public static function of(Receipt $receipt): self
    {
        return new self(
            self::discount($receipt->discount),
            ShippingWords::of($receipt->shipping),
            self::tax($receipt),
            $receipt->giftCards->isZero() ? null : Said::of(Phrase::GiftCardsPay, amount: $receipt->giftCards),
            self::dueNow($receipt),
            self::later($receipt),
        );
    }

    /** @return list<Said> what the shopper asked for in vain */
    public static function findings(Receipt $receipt): array
    {
        $coupon = $receipt->discount->coupon;
        $said = $coupon === null ? null : match ($receipt->discount->refusal) {
            null => null,
            CouponRefusal::NothingEligible => Said::of(Phrase::CouponCountsForNothing, code: $coupon->code),
            CouponRefusal::NotYet => Said::of(Phrase::CouponDoesNotCountYet, code: $coupon->code),
            CouponRefusal::Over => Said::of(Phrase::CouponHasRunOut, code: $coupon->code),
            CouponRefusal::TooLittle => Said::of(Phrase::CouponCountsFrom, code: $coupon->code, amount: $coupon->minSpend ?? Money::zero($receipt->shop->currency)),
        };

        return $said === null ? [] : [$said];
    }

    private static function discount(Discount $discount): ?Said
    {
        $coupon = $discount->coupon;
        if ($coupon === null || $discount->refusal !== null) {
            return null;
        }
        $isForAll = $coupon->skus === null;

        return match ($coupon->kind) {
            CouponKind::Percent => Said::of($isForAll ? Phrase::CouponTakesPercent : Phrase::CouponTakesPercentOfItsGoods, code: $coupon->code, percent: $coupon->percent->text ?? ''),
            CouponKind::Amount => Said::of($isForAll ? Phrase::CouponTakesAmount : Phrase::CouponTakesAmountOfItsGoods, code: $coupon->code, amount: $discount->total),
            CouponKind::FreeShipping => Said::of(Phrase::CouponShipsTheOrderFree, code: $coupon->code),
        };
    }

    private static function tax(Receipt $receipt): ?Said
    {
        $areContained = $receipt->shop->tax->areContained;

        return match (true) {
            $receipt->tax->isZero() => null,
            $receipt->shippingTax->isZero() => Said::of($areContained ? Phrase::TaxContained : Phrase::TaxOnTop),
            default => Said::of($areContained ? Phrase::TaxContainedShipping : Phrase::TaxOnTopShipping, amount: $receipt->shippingTax),
        };
    }

    private static function dueNow(Receipt $receipt): ?Said
    {
        return $receipt->instalments->isZero() ? null : Said::of(Phrase::PaidInInstalments, amount: $receipt->instalments);
    }

    private static function later(Receipt $receipt): ?Said
    {
        $first = $receipt->later[0] ?? null;
        if ($first === null) {
            return null;
        }
        $sum = Money::sum(array_map(static fn (LaterPayment $payment): Money => $payment->amount, $receipt->later), $receipt->shop->currency);
        $count = count($receipt->later);

        return $count === 1
            ? Said::of(Phrase::FollowsOn, amount: $first->amount, day: $first->on)
            : Said::of(Phrase::NextPayments, count: $count, day: $first->on, amount: $sum);
    }
}
