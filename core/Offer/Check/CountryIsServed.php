<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Room;
use PaperKite\Offer\Slot;

final readonly class CountryIsServed implements Check
{
    public function findings(Proof $proof): array
    {
        return $proof->offer->items === [] || $proof->bill !== null || (new EachItem(new GoodsArePriced))->findings($proof) !== []
            ? []
            : [Finding::caution(Slot::Destination, "Nobody in {$proof->country} can pay for this: no shipping zone takes it there. Add the country to one under Shop.")->mendedIn(Room::Shipping)];
    }
}
