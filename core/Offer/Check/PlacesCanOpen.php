<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Place;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Offer\Step;

/** What opens on the page where the button stands takes a widget: which places do something else, and what. */
final readonly class PlacesCanOpen implements Check
{
    public function findings(Proof $proof): array
    {
        $others = array_values(array_filter($proof->draft->shop->places, static fn (Place $place): bool => ! $place->isWidget));
        if ($others === []) {
            return [];
        }
        $where = "At “{$others[0]->name}”".match (count($others)) {
            1 => '',
            2 => ' and one other place',
            default => ' and '.(count($others) - 1).' other places',
        };

        return [
            ...($proof->offer->opening === Opening::PopOver && $proof->offer->way()->first() === Step::Offer ? [Finding::hint(Slot::Opening, "{$where} a click opens the offer’s page: only a widget can open a pop-over.")] : []),
            ...($proof->draft->onwards === Onwards::MiniCart ? [Finding::hint(Slot::Destination, "{$where} a click leads to the cart’s page: only a widget can open the mini cart.")] : []),
        ];
    }
}
