<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\CartLine;
use App\Models\FrozenGift;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Pick;

/** One line of what is in a cart, as far as its pages need it. */
final readonly class ContentLine
{
    /**
     * @param  array<string, string>  $choices  by the name of the option
     * @param  int|null  $seenUnitMinor  what a piece cost when the shopper last looked, in minor units; `null` where they have not
     * @param  list<string>  $attendees  a name for each seat, blank where none is typed; none where nobody is asked
     * @param  list<FrozenGift>  $gifts  for whom each of them is, as typed, where they are gift cards
     */
    public function __construct(
        /** By which its form names it. */
        public int $id,
        public Pick $pick,
        public string $picture,
        public array $choices,
        public ?int $seenUnitMinor,
        public array $attendees,
        public array $gifts = [],
    ) {}

    public static function of(CartLine $line): self
    {
        $options = array_map(static fn (Option $option): string => $option->name, $line->product->options);

        return new self(
            $line->id,
            $line->toCore(),
            $line->picturePath(),
            $line->variant === null ? [] : array_combine($options, $line->variant->choices),
            $line->seen_unit_minor,
            $line->attendees(),
            $line->gifts(),
        );
    }
}
