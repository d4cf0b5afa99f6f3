<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Quote\Fault;
use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\Unquotable;
use PaperKite\Time\Moment;

/** What a shopper pays who takes an offer alone, in its first variant where one is still to be chosen. */
final readonly class TypicalBill
{
    /** @param  list<Fault>  $faults  why it can't be told */
    private function __construct(
        /** `null` where it can't be told, or where there are no goods. */
        public ?Receipt $receipt,
        public array $faults = [],
    ) {}

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function of(Offer $offer, ShopRules $shop, string $country, Moment $at): self
    {
        if ($offer->items === []) {
            return new self(null);
        }
        try {
            return new self(Quote::of(new QuoteRequest($shop, $offer->picks(), $country, $at)));
        } catch (Unquotable $unquotable) {
            return new self(null, $unquotable->faults);
        }
    }
}
