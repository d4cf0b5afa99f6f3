<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Money\Percentage;
use PaperKite\Partner\Price\PriceRule;
use PaperKite\Partner\Writing\TextLimits;

/** What a shop holds its partners' goods to: for how long prices are believed, how long texts may be, how many of those who click it thinks will buy. */
final readonly class PartnerRules
{
    public Percentage $conversion;

    public function __construct(
        public PriceRule $prices = new PriceRule,
        public TextLimits $texts = new TextLimits,
        ?Percentage $conversion = null,
    ) {
        $this->conversion = $conversion ?? Percentage::fromEntry('2');
    }
}
