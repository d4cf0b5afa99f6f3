<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/** How long a text is. */
final readonly class TextMeasure
{
    private const BULLET = '/^[ \t]*(?:[•·▪◦‣✔✓★*–—-]|\d{1,2}[.)])[ \t]+\S/mu';

    private function __construct(
        public int $words,
        public int $characters,
        /** Lines of a list. */
        public int $bullets,
    ) {}

    /** @param  int  $items  of lists in its markup, which are bullets without a sign */
    public static function of(string $text, int $items = 0): self
    {
        return new self(Words::count($text), mb_strlen($text, 'UTF-8'), $items + (int) preg_match_all(self::BULLET, $text));
    }
}
