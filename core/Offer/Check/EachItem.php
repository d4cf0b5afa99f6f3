<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Proof;

/** Holds each of an offer's goods to a rule, and says of which of them it is broken. */
final readonly class EachItem implements Check
{
    public function __construct(private ItemCheck $check) {}

    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            $findings[] = $this->check->finding($item, $proof)?->ofItem($index);
        }

        return array_values(array_filter($findings));
    }
}
