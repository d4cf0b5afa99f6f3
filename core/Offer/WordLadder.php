<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Finds a button's words: the most specific that is not blank wins. */
final readonly class WordLadder
{
    /** @param  list<array{WordSource, StateWords}>  $rungs */
    private function __construct(
        private array $rungs,
        private ShopWords $shop,
    ) {}

    public static function of(StateWords $placement, StateWords $offer, StateWords $surface, ShopWords $shop): self
    {
        return new self([
            [WordSource::Placement, $placement],
            [WordSource::Offer, $offer],
            [WordSource::Surface, $surface],
        ], $shop);
    }

    public static function ofOffer(StateWords $offer, ShopWords $shop): self
    {
        return self::of(StateWords::none(), $offer, StateWords::none(), $shop);
    }

    /** @param  string  $builtIn  its caption where nobody has written one */
    public function word(ButtonState $state, string $builtIn): Word
    {
        foreach ($this->rungs as [$source, $words]) {
            $text = $words->word($state);
            if ($text !== null) {
                return new Word($state, $text, $source);
            }
        }

        $text = $this->shop->word($state, $builtIn);

        return $text === null ? new Word($state, $state->builtIn($builtIn), WordSource::BuiltIn) : new Word($state, $text, WordSource::Shop);
    }
}
