<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Partner\Marketplace;

/** Whoever clicks should know that somebody else sells it. */
final readonly class CaptionNamesPartner implements Check
{
    public function __construct(private PartnerGoods $goods) {}

    public function findings(Proof $proof): array
    {
        $caption = $proof->offer->caption();
        $named = array_filter($this->goods->marketplaces(), static fn (Marketplace $marketplace): bool => mb_stripos($caption, $marketplace->partner) !== false);

        return $named !== [] || $this->goods->marketplaces() === []
            ? []
            : [Finding::caution(Slot::Caption, "“{$caption}” does not say that the click leads to {$this->goods->partner()}; write it in, so that nobody expects to buy here.")];
    }
}
