<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\Unquotable;
use PaperKite\Time\Moment;

/** What a shopper pays who takes an offer alone, in its first variant where one is still to be chosen. */
final class TypicalBill
{
    /** @return Receipt|null `null` where it can't be told, such as for a country to which nothing ships, or for no goods */
    public static function of(Offer $offer, ShopRules $shop, string $country, Moment $at): ?Receipt
    {
        if ($offer->items === []) {
            return null;
        }
        try {
            return Quote::of(new QuoteRequest($shop, $offer->lines(), $country, $at));
        } catch (Unquotable) {
            return null;
        }
    }
}
