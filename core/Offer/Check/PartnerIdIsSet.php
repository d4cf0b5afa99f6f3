<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

/** Without it the partner would not know whose sale it was. */
final readonly class PartnerIdIsSet implements Check
{
    public function __construct(private PartnerGoods $goods) {}

    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($this->goods->marketplaces() as $marketplace) {
            if ($marketplace->partnerId === null) {
                $findings[] = Finding::obstacle(Slot::Destination, "You have no partner ID for {$marketplace->name} yet, so a sale would pay you nothing; enter it under Partners.")->mendedIn(MendAt::Partners);
            }
        }

        return $findings;
    }
}
