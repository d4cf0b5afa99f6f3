<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Finds a button's words: the most specific that is not blank wins. */
final readonly class WordLadder
{
    /** @param  list<array{WordSource, StateWords}>  $rungs */
    private function __construct(private array $rungs) {}

    public static function of(StateWords $placement, StateWords $offer, StateWords $surface, StateWords $shop): self
    {
        return new self([
            [WordSource::Placement, $placement],
            [WordSource::Offer, $offer],
            [WordSource::Surface, $surface],
            [WordSource::Shop, $shop],
        ]);
    }

    public static function ofOffer(StateWords $offer, StateWords $shop): self
    {
        return self::of(StateWords::none(), $offer, StateWords::none(), $shop);
    }

    public function word(ButtonState $state, Destination $destination, Purpose $purpose = Purpose::Buy): Word
    {
        foreach ($this->rungs as [$source, $words]) {
            $text = $words->word($state);
            if ($text !== null) {
                return new Word($state, $text, $source);
            }
        }

        return new Word($state, $state->builtIn($destination, $purpose), WordSource::BuiltIn);
    }
}
