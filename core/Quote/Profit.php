<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Money\Money;

/** Rule 10: what is left to the seller. Goods as they were discounted, without tax, less their cost and the provider's fee. */
final class Profit
{
    /** @param  list<ReceiptLine>  $lines */
    public static function of(array $lines, Money $dueNow, ShopRules $shop): Money
    {
        $profit = Money::sum(array_map(static fn (ReceiptLine $line): Money => $line->profit, $lines), $shop->currency);

        return $shop->paymentFee === null ? $profit : $profit->minus($shop->paymentFee->on($dueNow));
    }

    /**
     * @param  Money  $discounted  what is paid for it
     * @param  Money  $tax  contained in that, or on top of it
     * @return Money before the provider's fee
     */
    public static function ofLine(Pick $line, Money $discounted, Money $tax, ShopRules $shop): Money
    {
        // A gift card sold is neither income nor cost: its goods are still to be chosen.
        if (! $line->product->kind->isIncome()) {
            return Money::zero($shop->currency);
        }
        $income = $shop->tax->areContained ? $discounted->minus($tax) : $discounted;
        $cost = self::cost($line);

        return $cost === null ? $income : $income->minus($cost->multipliedBy($line->quantity->pieces));
    }

    private static function cost(Pick $line): ?Money
    {
        return $line->beginsWithTrial() || $line->product->kind->isMoneyItself() ? null : $line->variant->cost ?? $line->product->cost;
    }
}
