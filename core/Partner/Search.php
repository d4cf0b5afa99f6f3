<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;

/** A list of what a marketplace finds. */
final readonly class Search implements Target
{
    public const LONGEST = 100;

    private function __construct(public string $searched) {}

    /** @throws InvalidLine */
    public static function for(string $words): self
    {
        return new self(Line::of($words, 'What is searched for', self::LONGEST)->text);
    }

    public function kind(): string
    {
        return 'search';
    }

    public function words(): string
    {
        return "search for “{$this->searched}”";
    }
}
