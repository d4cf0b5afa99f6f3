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

        return match (true) {
            $isServed => [],
            $proof->rules->zones === [] => [Finding::caution(Slot::Destination, 'Nobody can pay for this yet: the shop ships nowhere. Say what shipping costs at home.')->mendedIn(MendAt::FirstZone)],
            default => [Finding::caution(Slot::Destination, "Nobody in {$proof->country} can pay for this: no shipping zone takes it there. Add the country to one under Shop.")->mendedIn(MendAt::Shipping)],
        };
    }
}
