<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class PageIsAllowed implements Check
{
    /** @param  string  $address  blank: not yet written */
    public function __construct(private string $address) {}

    public function findings(Proof $proof): array
    {
        return match (true) {
            $this->address === '' => [Finding::error(Slot::Destination, 'Write the address of the page that the click leads to.')],
            ! $proof->draft->shop->allows($this->address) => [Finding::error(Slot::Destination, "“{$this->address}” is no address at a host that you have listed; write a whole one, or list its host under Shop, Checkout.")],
            $proof->offer->opening->showsOffer() => [Finding::error(Slot::Opening, 'There are no goods to show before; choose the same tab or a new one.')],
            default => [],
        };
    }
}
