<?php

declare(strict_types=1);

namespace App\PriceWatch;

use PaperKite\Partner\Item;
use PaperKite\Partner\Marketplace;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\ReadItemPage;
use PaperKite\Partner\ReadAddress;

/** Learns the price from the item's own page. It is asked for as anybody would who has not been sent by a partner. */
final readonly class PageSource implements PriceSource
{
    public function __construct(private FetchPage $fetch) {}

    public function look(Marketplace $marketplace, Item $item): Looked
    {
        $page = ($this->fetch)(OutgoingAddress::plain($marketplace, $item));
        if ($page->problem !== null) {
            return new Looked($page->problem, $page->waitSeconds);
        }
        // Where it leads on within the site, it must still be the same item's.
        $found = ReadAddress::of($page->address, [$marketplace])->target;

        return new Looked($found instanceof Item && $found->reference === $item->reference ? ReadItemPage::of($page->html, $item, $marketplace->currency) : PageProblem::Moved);
    }
}
