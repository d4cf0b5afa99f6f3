<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

/** What a marketplace sells no more is led to no more; whoever clicks should find more than a search. */
final readonly class PartnerHasIt implements Check
{
    public function __construct(private PartnerGoods $goods) {}

    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($this->goods->pages as $page) {
            if ($page->isGone) {
                $to = $this->goods->pageFor($page->marketplace->country);
                $where = $to === null || $to->isGone ? 'what it finds for the name' : $to->marketplace->name;
                $findings[] = Finding::caution(Slot::Product, "{$page->marketplace->name} does not sell it any more, and clicks go to {$where}; give the product another address.")->mendedIn(MendAt::Product);
            }
        }

        return $findings;
    }
}
