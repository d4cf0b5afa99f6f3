<?php

declare(strict_types=1);

namespace PaperKite\Words;

use PaperKite\Refusal;
use PaperKite\Text\Line;
use PaperKite\Text\Passage;

/** A seller's own words in place of a phrase: what stands in braces is filled in, and only what the phrase knows can be. */
final class OwnPhrase
{
    private const LONGEST = 500;

    private const LONGEST_IN_A_MAIL = 2_000;

    /**
     * @return string blank where the phrase is left as it is
     *
     * @throws Refusal
     */
    public static function read(string $key, string $standard, string $typed): string
    {
        if (trim($typed) === '') {
            return '';
        }
        $text = self::isOfSeveralLines($key) ? Passage::of($typed, 'The text', self::LONGEST_IN_A_MAIL)->text : Line::of($typed, 'The text', self::LONGEST)->text;
        foreach (self::marks($text) as $mark) {
            if (! in_array($mark, self::marks($standard), true)) {
                throw InvalidPhrase::unknownMark($mark, self::marks($standard));
            }
        }

        return $text === $standard ? '' : $text;
    }

    /** Letters may have as many lines as they like, but their subjects one. */
    public static function isOfSeveralLines(string $key): bool
    {
        return str_starts_with($key, 'mail.') && ! str_ends_with($key, '.subject');
    }

    /** @return list<string> what a text has filled in, each once */
    public static function marks(string $text): array
    {
        preg_match_all('/\{(\w+)\}/', $text, $found);

        return array_values(array_unique($found[1]));
    }
}
