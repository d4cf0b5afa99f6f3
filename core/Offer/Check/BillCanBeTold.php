<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Quote\Fault;

/** The goods as a whole may be more than can be sent at once, or than can be reckoned. */
final readonly class BillCanBeTold implements Check
{
    public function findings(Proof $proof): array
    {
        return array_values(array_map(
            static fn (Fault $fault): Finding => Finding::caution(Slot::Destination, "Nobody in {$proof->country} can pay for this. {$fault->message}")->mendedIn(MendAt::Shipping),
            array_filter($proof->faults, static fn (Fault $fault): bool => $fault->at === 'cart'),
        ));
    }
}
