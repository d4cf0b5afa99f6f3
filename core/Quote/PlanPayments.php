<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Plan;
use PaperKite\Money\Money;
use PaperKite\Time\Day;

/**
 * Rule 9: the next payments of a plan. Each is the plan's price as it is today, with the shipping that the line alone
 * would bear and the tax that comes on top. No coupon touches it.
 */
final class PlanPayments
{
    /** How many are foretold at most. */
    private const FORETOLD = 12;

    /**
     * @return list<LaterPayment>
     *
     * @throws CantShip
     */
    public static function of(PricedLine $priced, Plan $plan, ShopRules $shop, string $country, Day $today): array
    {
        // A price paid today is the first of the plan's payments; during a trial none is.
        $paid = $plan->beginsWithTrial() ? 0 : 1;
        $first = $today->plusDays($plan->trialDays ?? 0);
        $count = min(self::FORETOLD, $plan->payments === null ? self::FORETOLD : $plan->payments - $paid);
        $amount = $count > 0 ? self::amount($priced, $shop, $country) : Money::zero($shop->currency);
        $payments = [];
        for ($i = 0; $i < $count; $i++) {
            $payments[] = new LaterPayment($plan->interval->after($first, $paid + $i), $amount);
        }

        return $payments;
    }

    /** @throws CantShip */
    private static function amount(PricedLine $priced, ShopRules $shop, string $country): Money
    {
        $line = $priced->pick;
        $price = $priced->unit->price->multipliedBy($line->quantity->pieces);
        $shipping = Shipping::of($line->product->ships() ? [new Parcel($line, $price, $price)] : [], false, $shop, $country)->fee;
        $sum = $price->plus($shipping);

        return $shop->tax->areContained
            ? $sum
            : $sum->plus($shop->tax->onLine($line, $price, $country))->plus($shop->tax->on($shipping, $country, $shop->shippingTaxClass));
    }
}
