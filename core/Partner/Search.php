<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;

/** A list of what a marketplace finds. */
final readonly class Search implements Target
{
    private const LONGEST = 100;

    private function __construct(public string $searched) {}

    /** @throws InvalidLine */
    public static function for(string $words): self
    {
        return new self(Line::of($words, 'What is searched for', self::LONGEST)->text);
    }

    /** @return self|null by as much of it as can be searched for; `null` where that is nothing */
    public static function ofName(string $name): ?self
    {
        try {
            return self::for(mb_substr($name, 0, self::LONGEST, 'UTF-8'));
        } catch (InvalidLine) {
            return null;
        }
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
