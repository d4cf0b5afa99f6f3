<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** What the shopper may choose about a product: "Size". */
final readonly class Option
{
    /** @param  list<Choice>  $choices */
    public function __construct(
        public string $name,
        public array $choices,
    ) {}

    public function choice(string $name): ?Choice
    {
        foreach ($this->choices as $choice) {
            if ($choice->name === $name) {
                return $choice;
            }
        }

        return null;
    }

    public function setsPrices(): bool
    {
        foreach ($this->choices as $choice) {
            if ($choice->price !== null) {
                return true;
            }
        }

        return false;
    }
}
