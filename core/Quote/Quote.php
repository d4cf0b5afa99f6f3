<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use LogicException;
use PaperKite\Catalogue\Pick;
use PaperKite\Money\AmountTooLarge;
use PaperKite\Money\Money;

/**
 * The one calculation behind cart, checkout, proof and command line: what a shopper pays, by ten rules in their order.
 * Each rule has a file of its own; docs/quote.md lists them.
 */
final class Quote
{
    /** @throws Unquotable with every reason at once */
    public static function of(QuoteRequest $asked): Receipt
    {
        try {
            $lines = self::priced($asked);
            $discount = Discount::of($asked->coupon, $lines, $asked->shop->currency, $asked->at);
            [$shipping, $planPayments] = self::sent($asked, $lines, $discount);

            return self::receipt($asked, self::taxed($asked, $lines, $discount), $discount, $shipping, $planPayments);
        } catch (AmountTooLarge $tooLarge) {
            throw Unquotable::because([new Fault('cart', $tooLarge->getMessage())]);
        }
    }

    /**
     * Rules 1 and 2.
     *
     * @return list<PricedLine>
     *
     * @throws Unquotable
     */
    private static function priced(QuoteRequest $asked): array
    {
        $lines = [];
        $faults = [];
        foreach ($asked->cart as $i => $line) {
            try {
                $lines[] = new PricedLine($line, UnitPrice::of($line, $asked->at));
            } catch (UnpricedLine $unpriced) {
                $faults[] = new Fault("cart[{$i}].{$unpriced->key}", $unpriced->getMessage(), $unpriced->said);
            }
        }
        if ($faults !== []) {
            throw Unquotable::because([...$faults, ...self::otherFaults($asked, $lines)]);
        }

        return $lines;
    }

    /**
     * What else is wrong when a line has no price, as far as it can be told without it.
     *
     * @param  list<PricedLine>  $lines  the others
     * @return list<Fault>
     */
    private static function otherFaults(QuoteRequest $asked, array $lines): array
    {
        $ships = array_filter($asked->cart, static fn (Pick $line): bool => $line->product->ships()) !== [];
        if ($ships && $asked->shop->zoneOf($asked->country) === null) {
            return [self::faultOf(CantShip::to($asked->country))];
        }
        try {
            self::sent($asked, $lines, Discount::of($asked->coupon, $lines, $asked->shop->currency, $asked->at));
        } catch (Unquotable $unquotable) {
            return $unquotable->faults;
        }

        return [];
    }

    /**
     * Rules 4 and 9: the two that may find that something can't be sent.
     *
     * @param  list<PricedLine>  $lines
     * @return array{Shipping, list<LaterPayment>}
     *
     * @throws Unquotable
     */
    private static function sent(QuoteRequest $asked, array $lines, Discount $discount): array
    {
        $faults = [];
        $shipping = null;
        try {
            $shipping = Shipping::of(self::parcels($lines, $discount), $discount->freesShipping(), $asked->shop, $asked->country);
        } catch (CantShip $cantShip) {
            $faults[] = self::faultOf($cantShip);
        }
        $payments = [];
        foreach ($lines as $line) {
            try {
                $plan = $line->pick->plan();
                $payments[] = $plan === null ? [] : PlanPayments::of($line, $plan, $asked->shop, $asked->country, $asked->today());
            } catch (CantShip $cantShip) {
                $faults[] = self::faultOf($cantShip);
            }
        }

        if ($faults !== []) {
            throw Unquotable::because(Fault::withoutRepeats($faults));
        }

        return [$shipping ?? throw new LogicException('What can’t be sent is a fault.'), array_merge(...$payments)];
    }

    /**
     * @param  list<PricedLine>  $lines
     * @return list<Parcel>
     */
    private static function parcels(array $lines, Discount $discount): array
    {
        $parcels = [];
        foreach ($lines as $i => $line) {
            if ($line->pick->shipsToday()) {
                $parcels[] = new Parcel($line->pick, $line->subtotal->minus($discount->shares[$i]), $line->subtotal);
            }
        }

        return $parcels;
    }

    /**
     * Rule 5.
     *
     * @param  list<PricedLine>  $lines
     * @return list<ReceiptLine>
     */
    private static function taxed(QuoteRequest $asked, array $lines, Discount $discount): array
    {
        return array_map(static fn (PricedLine $line, Money $share): ReceiptLine => self::line($asked, $line, $share), $lines, $discount->shares);
    }

    private static function line(QuoteRequest $asked, PricedLine $priced, Money $share): ReceiptLine
    {
        $line = $priced->pick;
        $discounted = $priced->subtotal->minus($share);
        $rate = $asked->shop->tax->ofLine($line, $asked->country);
        $tax = $asked->shop->tax->by($rate, $discounted);

        return new ReceiptLine(
            pick: $line,
            unit: $priced->unit,
            subtotal: $priced->subtotal,
            discount: $share,
            discounted: $discounted,
            tax: $tax,
            taxRate: $rate,
            profit: Profit::ofLine($line, $discounted, $tax, $asked->shop),
        );
    }

    /**
     * Rules 6 to 10.
     *
     * @param  list<ReceiptLine>  $lines
     * @param  list<LaterPayment>  $planPayments
     */
    private static function receipt(QuoteRequest $asked, array $lines, Discount $discount, Shipping $shipping, array $planPayments): Receipt
    {
        $currency = $asked->shop->currency;
        $items = Money::sum(array_map(static fn (ReceiptLine $line): Money => $line->subtotal, $lines), $currency);
        $shippingTax = $asked->shop->tax->on($shipping->fee, $asked->country, $asked->shop->shippingTaxClass);
        $tax = Money::sum(array_map(static fn (ReceiptLine $line): Money => $line->tax, $lines), $currency)->plus($shippingTax);
        $beforeTax = $items->minus($discount->total)->plus($shipping->fee);
        $total = $asked->shop->tax->areContained ? $beforeTax : $beforeTax->plus($tax);
        $instalments = self::instalments($asked, $lines);
        $later = Money::sum(array_map(static fn (LaterPayment $payment): Money => $payment->amount, $instalments), $currency);
        $giftCards = Money::sum(GiftCard::payments($asked->giftCards, $total->minus($later)), $currency);
        $dueNow = $total->minus($later)->minus($giftCards);

        return new Receipt(
            shop: $asked->shop, country: $asked->country, lines: $lines, items: $items, discount: $discount, shipping: $shipping, shippingTax: $shippingTax, tax: $tax, total: $total, instalments: $later, giftCards: $giftCards, dueNow: $dueNow,
            later: LaterPayment::merged([...$instalments, ...$planPayments]),
            profit: Profit::of($lines, $dueNow, $asked->shop),
        );
    }

    /**
     * @param  list<ReceiptLine>  $lines
     * @return list<LaterPayment>
     */
    private static function instalments(QuoteRequest $asked, array $lines): array
    {
        return array_merge(...array_map(static fn (ReceiptLine $line): array => $line->pick->terms->areInParts() && $line->pick->product->instalments !== null
            ? InstalmentSplit::later($line->discounted, $line->pick->product->instalments, $line->pick->quantity->pieces, $asked->today())
            : [], $lines));
    }

    private static function faultOf(CantShip $cantShip): Fault
    {
        return new Fault($cantShip->at, $cantShip->getMessage(), $cantShip->said);
    }
}
