<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Quote\Fault;

final readonly class CountryIsServed implements Check
{
    public function findings(Proof $proof): array
    {
        $isServed = array_filter($proof->faults, static fn (Fault $fault): bool => $fault->at === 'country') === [];

        return $isServed
            ? []
            : [Finding::caution(Slot::Destination, "Nobody in {$proof->country} can pay for this: no shipping zone takes it there. Add the country to one under Shop.")->mendedIn(MendAt::Shipping)];
    }
}
