<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

/** A shopper of whom nobody knows the country, or of one that has no marketplace, is sent somewhere. */
final readonly class EverybodyIsSent implements Check
{
    public function __construct(private PartnerGoods $goods) {}

    public function findings(Proof $proof): array
    {
        return match (true) {
            $this->goods->marketplaces() === [] => [Finding::obstacle(Slot::Product, "“{$this->goods->name}” has no address at a partner; give it one at the product.")->mendedIn(MendAt::Product)],
            $this->goods->pageFor(null) === null => [Finding::caution(Slot::Destination, 'Shoppers of other countries are sent nowhere; choose a marketplace for everybody else at the product.')->mendedIn(MendAt::Product)],
            default => [],
        };
    }
}
