<?php

declare(strict_types=1);

namespace Tests\Support;

use Normalizer;

/** Reckons by itself what a search finds, from the rows that a screen shows. */
trait ReadsRows
{
    private const WITHOUT_SPACES = '\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}';

    /** @return list<string> */
    private static function wordsOf(string $text): array
    {
        $form = static fn (string $text, int $form): string => is_string($made = Normalizer::normalize($text, $form)) ? $made : '';
        $bare = (string) preg_replace('/\p{Mn}+/u', '', $form(mb_convert_case($form($text, Normalizer::FORM_KC), MB_CASE_FOLD, 'UTF-8'), Normalizer::FORM_KD));
        // Where the one way of writing meets the other, a word ends.
        $apart = (string) preg_replace('/(?<=['.self::WITHOUT_SPACES.'])(?=[^'.self::WITHOUT_SPACES.'])|(?<=[^'.self::WITHOUT_SPACES.'])(?=['.self::WITHOUT_SPACES.'])/u', ' ', $bare);

        return array_values(array_filter(preg_split('/[^\p{L}\p{M}\p{N}]+/u', $apart) ?: [], static fn (string $word): bool => preg_match('/[\p{L}\p{N}]/u', $word) === 1));
    }

    /** Whether whoever types this certainly means that row. */
    private static function mustFind(string $row, string $typed): bool
    {
        return self::holds($row, $typed, static fn (string $own, string $word): bool => str_contains($own, $word));
    }

    /** Whether whoever types this may be shown that row: of a script without spaces, neighbours are words. */
    private static function mayFind(string $row, string $typed): bool
    {
        $all = implode('', self::wordsOf($row));

        return self::holds($row, $typed, static fn (string $own, string $word): bool => array_filter(mb_str_split($word), static fn (string $sign): bool => ! str_contains($all, $sign)) === []);
    }

    /** @param  callable(string, string): bool  $isIn  of scripts without spaces */
    private static function holds(string $row, string $typed, callable $isIn): bool
    {
        $words = self::wordsOf($typed);
        $own = self::wordsOf($row);
        foreach ($words as $word) {
            $isRun = preg_match('/\A['.self::WITHOUT_SPACES.']/u', $word) === 1;
            if (array_filter($own, static fn (string $one): bool => $isRun ? $isIn($one, $word) : str_starts_with($one, $word)) === []) {
                return false;
            }
        }

        return $words !== [];
    }
}
