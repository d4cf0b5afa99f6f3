<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\OfferLine;
use PaperKite\Offer\ButtonState;

/** A saved offer as it would stand on the desk. */
final class OfferEntry
{
    /** @return array<string, mixed> in the form of the API's OfferEntry */
    public static function of(Offer $offer): array
    {
        $own = $offer->ownWords();
        $words = [];
        foreach (ButtonState::cases() as $state) {
            $words[$state->value] = $own->word($state) ?? '';
        }

        return [
            'items' => array_values($offer->lines->map(static fn (OfferLine $line): array => [
                'product_id' => $line->product_id, 'variant' => $line->variant->sku ?? '', 'quantity' => (string) $line->quantity,
            ])->all()),
            'destination' => $offer->destination->value,
            'cart_use' => $offer->cart_use->value,
            'opening' => $offer->opening->value,
            'ask' => [
                'is_asked' => $offer->ask_label !== null, 'label' => $offer->ask_label ?? '',
                'least' => (string) ($offer->ask_least ?? 1), 'most' => (string) ($offer->ask_most ?? 10),
            ],
            'words' => $words,
            'look_id' => $offer->look_id,
            'landing' => $offer->landing ?? '',
        ];
    }
}
