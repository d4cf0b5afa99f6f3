<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Pick;
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

    /** Of a click that sells nothing here. */
    public static function none(): self
    {
        return new self(null);
    }

    /**
     * @param  non-empty-list<OfferItem>  $items
     * @param  string  $country  ISO 3166-1 alpha-2
     */
    public static function of(array $items, ShopRules $shop, string $country, Moment $at): self
    {
        try {
            return new self(Quote::of(new QuoteRequest($shop, array_map(static fn (OfferItem $item): Pick => $item->typicalPick(), $items), $country, $at)));
        } catch (Unquotable $unquotable) {
            return new self(null, $unquotable->faults);
        }
    }
}
