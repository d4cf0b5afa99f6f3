<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** Why the amounts of a receipt are what they are, in sentences for the shopper; `null` where nothing needs saying. */
final readonly class Because
{
    private function __construct(
        public ?string $discount,
        public string $shipping,
        public ?string $tax,
        public ?string $giftCards,
        public ?string $dueNow,
        public ?string $later,
    ) {}

    public static function of(Receipt $receipt): self
    {
        return new self(
            self::discount($receipt->discount),
            ShippingWords::of($receipt->shipping),
            self::tax($receipt),
            $receipt->giftCards->isZero() ? null : "Gift cards pay {$receipt->giftCards->shown()} of what is due now.",
            self::dueNow($receipt),
            self::later($receipt),
        );
    }

    /** @return list<string> what the shopper asked for in vain */
    public static function findings(Receipt $receipt): array
    {
        $coupon = $receipt->discount->coupon;
        $sentence = $coupon === null ? null : match ($receipt->discount->refusal) {
            null => null,
            CouponRefusal::NothingEligible => "Coupon “{$coupon->code}” counts for nothing in this cart.",
            CouponRefusal::NotYet => "Coupon “{$coupon->code}” does not count yet.",
            CouponRefusal::Over => "Coupon “{$coupon->code}” has run out.",
            CouponRefusal::TooLittle => "Coupon “{$coupon->code}” counts from {$coupon->minSpend?->shown()} of the goods it is for; add a little more.",
        };

        return $sentence === null ? [] : [$sentence];
    }

    private static function discount(Discount $discount): ?string
    {
        $coupon = $discount->coupon;
        if ($coupon === null || $discount->refusal !== null) {
            return null;
        }
        $reach = $coupon->skus === null ? '' : ' of the goods it is for';

        return match ($coupon->kind) {
            CouponKind::Percent => "Coupon “{$coupon->code}” takes {$coupon->percent?->text} % off{$reach}.",
            CouponKind::Amount => "Coupon “{$coupon->code}” takes {$discount->total->shown()} off{$reach}.",
            CouponKind::FreeShipping => "Coupon “{$coupon->code}” ships the order free.",
        };
    }

    private static function tax(Receipt $receipt): ?string
    {
        if ($receipt->tax->isZero()) {
            return null;
        }
        $shipping = $receipt->shippingTax->isZero() ? '' : ", {$receipt->shippingTax->shown()} of it on shipping";

        return $receipt->shop->tax->areContained
            ? "The prices contain this tax{$shipping}."
            : "Tax comes on top of the prices{$shipping}.";
    }

    private static function dueNow(Receipt $receipt): ?string
    {
        return $receipt->instalments->isZero() ? null : "{$receipt->instalments->shown()} of the total is paid later, in instalments.";
    }

    private static function later(Receipt $receipt): ?string
    {
        $first = $receipt->later[0] ?? null;
        if ($first === null) {
            return null;
        }
        $sum = Money::sum(array_map(static fn (LaterPayment $payment): Money => $payment->amount, $receipt->later), $receipt->shop->currency);
        $count = count($receipt->later);

        return $count === 1
            ? "{$first->amount->shown()} follows on {$first->on->text()}."
            : "The next {$count} payments, from {$first->on->text()} on, come to {$sum->shown()}.";
    }
}
