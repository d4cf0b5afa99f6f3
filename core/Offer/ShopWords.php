<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What a shop says on its buttons everywhere, as far as it has written anything. */
final readonly class ShopWords
{
    public function __construct(
        public StateWords $states,
        /** Where it would say “Add to cart”. */
        public ?string $adding = null,
        /** Where it would say “Buy now”. */
        public ?string $buying = null,
    ) {}

    public static function none(): self
    {
        return new self(StateWords::none());
    }

    /** For its own pages, where buttons of both kinds stand side by side and can't all say the same. */
    public function beside(): self
    {
        return new self(StateWords::of(array_diff_key($this->states->all(), [ButtonState::Idle->value => true])), $this->adding, $this->buying);
    }

    /** @param  string  $builtIn  the caption that it stands in for */
    public function word(ButtonState $state, string $builtIn): ?string
    {
        $deed = match (true) {
            $state !== ButtonState::Idle => null,
            $builtIn === Onwards::Cart->caption() => $this->adding,
            $builtIn === Onwards::Pay->caption() => $this->buying,
            default => null,
        };

        return $deed ?? $this->states->word($state);
    }
}
