<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Captions that say where the click leads, for a seller who has none yet. */
final class CaptionIdeas
{
    /** @return list<string> none longer than a caption may be, none the one that stands there */
    public static function for(Offer $offer, string $shop): array
    {
        $name = count($offer->items) === 1 ? self::short($offer->items[0]->pick->product->name) : null;
        $ideas = match (true) {
            $offer->items === [] => ["Your cart at {$shop}", 'What is in my cart?'],
            $name !== null && $offer->items[0]->pick->product->kind->isGiven() => ["Give to {$name}", 'Give what you like', "Give at {$shop}"],
            $offer->destination === Destination::Pay => [$name === null ? 'Buy all of it now' : "Buy {$name} now", 'Straight to paying', "Pay at {$shop}"],
            $offer->destination === Destination::Choose => [$name === null ? 'Choose from these' : "Choose your {$name}", "See it at {$shop}"],
            default => [$name === null ? 'Put all of it in the cart' : "Put {$name} in the cart", "Into the cart at {$shop}"],
        };

        return array_values(array_filter($ideas, static fn (string $idea): bool => mb_strlen($idea) <= StateWords::LONGEST && $idea !== $offer->caption()));
    }

    /** What a name says before its first comma. */
    private static function short(string $name): string
    {
        return trim(explode(',', $name, 2)[0]);
    }
}
