<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** A destination that the slot of the sentence lists: what works with what was picked. */
final readonly class DestinationChoice
{
    private function __construct(
        public Onwards $value,
        /** As it reads in the sentence. */
        public string $words,
        /** What choosing it means. */
        public string $note,
    ) {}

    /** @return list<self> */
    public static function for(Draft $draft): array
    {
        $partner = count($draft->items) === 1 ? $draft->items[0]->partner : null;
        if ($partner !== null) {
            // Whatever else is chosen, the goods say where the click leads; it counts again once they are sold here.
            $usual = $draft->onwards === Onwards::Page ? Onwards::Pay : $draft->onwards;

            return [new self($usual, "see it at {$partner->partner()}", 'The page of the goods there, with your partner ID. Nothing is paid here.'), self::of(Onwards::Page)];
        }

        return array_map(self::of(...), array_values(array_filter(Onwards::cases(), static fn (Onwards $onwards): bool => ($draft->items !== [] || $onwards->isPossibleWithoutGoods()) && ($onwards !== Onwards::MiniCart || $onwards === $draft->onwards || $draft->shop->opensOnPages()))));
    }

    private static function of(Onwards $onwards): self
    {
        return new self($onwards, $onwards->words(), $onwards->note());
    }
}
