<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Instalments;
use PaperKite\Money\Money;
use PaperKite\Money\Shares;
use PaperKite\Time\Day;

/** Rule 7: a line in parts that sum to it exactly. What is not later is due now. */
final class InstalmentSplit
{
    /** @return list<LaterPayment> */
    public static function later(Money $discounted, Instalments $terms, int $pieces, Day $today): array
    {
        return $terms->deposit === null
            ? self::dated(array_slice(Shares::equal($discounted, max(1, $terms->payments)), 1), $terms, $today)
            : self::afterDeposit($discounted, $terms->deposit->multipliedBy($pieces), $terms, $today);
    }

    /** @return list<LaterPayment> */
    private static function afterDeposit(Money $discounted, Money $deposit, Instalments $terms, Day $today): array
    {
        // A discount may have brought the line down to its deposit: then all of it is due now.
        return $deposit->isLessThan($discounted)
            ? self::dated(Shares::equal($discounted->minus($deposit), max(1, $terms->payments)), $terms, $today)
            : [];
    }

    /**
     * @param  list<Money>  $parts
     * @return list<LaterPayment>
     */
    private static function dated(array $parts, Instalments $terms, Day $today): array
    {
        return array_map(
            static fn (Money $part, int $i): LaterPayment => new LaterPayment($terms->interval->after($today, $i + 1), $part),
            $parts,
            array_keys($parts),
        );
    }
}
