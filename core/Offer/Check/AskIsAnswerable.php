<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Refusal;

/** A question has limits that leave a choice, is about one kind of goods, and begins with an answer that it allows. */
final readonly class AskIsAnswerable implements Check
{
    public function findings(Proof $proof): array
    {
        $draft = $proof->draft;
        try {
            $ask = $draft->ask->read();
        } catch (Refusal $refusal) {
            return [Finding::error(Slot::Quantity, $refusal->getMessage())->ofItem(0)];
        }
        if ($ask === null) {
            return [];
        }
        if (count($draft->items) !== 1) {
            return [Finding::error(Slot::Quantity, 'A shopper can be asked how many of one product only; say how many of each, or take the others out.')->ofItem(0)];
        }
        $begins = $proof->offer->destination->items()[0]->pick->quantity->pieces ?? $ask->least;

        return $begins >= $ask->least && $begins <= $ask->most
            ? []
            : [Finding::error(Slot::Quantity, "The question begins with {$begins}, which is not within {$ask->least} to {$ask->most}; change one of them.")->ofItem(0)];
    }
}
