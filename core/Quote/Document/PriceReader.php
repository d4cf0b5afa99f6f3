<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\AmountLimits;
use PaperKite\Catalogue\ItemShipping;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Sale;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/** Reads amounts of a quote document: a price with its sale, fees of an item, limits. */
final readonly class PriceReader
{
    public function __construct(private ?Currency $currency) {}

    public function amount(?Node $node): ?Money
    {
        return $node?->amount($this->currency);
    }

    /** A price and the sale next to it, from whatever may carry them. */
    public function price(ObjectNode $owner): ?Price
    {
        $regular = $owner->at('price')?->amount($this->currency);
        $node = $owner->at('sale');
        $sale = $node?->object(['price'], ['from', 'until']);
        if ($node !== null && $owner->at('price') === null) {
            $node->refuse('A sale stands next to the price that it replaces; set the price, or remove the sale.');
        }
        $price = $sale?->at('price')?->amount($this->currency);
        $from = $sale?->at('from')?->moment();
        $until = $sale?->at('until')?->moment();

        return $regular === null ? null : new Price($regular, $price === null ? null : new Sale($price, $from, $until));
    }

    public function shipping(?Node $node): ?ItemShipping
    {
        $fees = $node?->object(['first', 'more'], []);
        $first = $fees?->at('first')?->amount($this->currency);
        $more = $fees?->at('more')?->amount($this->currency);

        return $first === null || $more === null ? null : new ItemShipping($first, $more);
    }

    public function limits(?Node $node): ?AmountLimits
    {
        $limits = $node?->object([], ['min', 'max']);

        return $limits === null ? null : new AmountLimits($limits->at('min')?->amount($this->currency), $limits->at('max')?->amount($this->currency));
    }
}
