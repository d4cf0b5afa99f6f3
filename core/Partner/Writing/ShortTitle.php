<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/**
 * A shorter title for goods, made of a marketplace's by rules: brackets, brands, sizes, pack counts, praise, shouting and
 * repeats go, and so does what is told after the noun. In English and German the noun stands last of what is left.
 */
final readonly class ShortTitle
{
    /** A sign of what is registered, or a code of letters and digits, names a make and not a thing. */
    private const MAKE = '/[®™©]|\A(?=.*\d)(?=.*\p{L})[\p{L}\d.-]{3,}\z/u';

    /**
     * @param  list<string>  $brands  names that are dropped wherever they stand
     * @param  int  $words  that it may have
     * @return string blank where nothing is left of it
     */
    public static function of(string $title, array $brands, int $words): string
    {
        $bare = $title;
        foreach ([Litter::BRACKETS, ...Litter::MEASURES] as $pattern) {
            $bare = (string) preg_replace($pattern, ' ', $bare);
        }
        foreach ($brands as $brand) {
            $bare = trim($brand) === '' ? $bare : (string) preg_replace('/(?<![\p{L}\p{N}])'.preg_quote($brand, '/').'(?:[®™©]|(?![\p{L}\p{N}]))/iu', ' ', $bare);
        }
        foreach (self::parts($bare) as $part) {
            $kept = self::kept($part);
            if ($kept !== []) {
                return self::written(array_slice($kept, -max($words, 1)));
            }
        }

        return '';
    }

    /** @return list<non-empty-list<string>> the words of each part of a title */
    private static function parts(string $title): array
    {
        $parts = array_map(static fn (string $part): array => array_values(array_filter(
            array_map(static fn (string $word): string => (string) preg_replace('/\A[^\p{L}\p{N}]+|[^\p{L}\p{N}®™©]+\z/u', '', $word), preg_split('/[\s\p{Z}]+/u', $part) ?: []),
            static fn (string $word): bool => preg_match('/\p{L}/u', $word) === 1,
        )), preg_split(Litter::PARTS, $title) ?: []);

        return array_values(array_filter($parts, static fn (array $part): bool => $part !== []));
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<string>
     */
    private static function kept(array $words): array
    {
        $isShouted = mb_strtoupper(implode('', $words), 'UTF-8') === implode('', $words);
        $kept = [];
        foreach ($words as $index => $word) {
            $small = mb_strtolower($word, 'UTF-8');
            if ($kept !== [] && in_array($small, Litter::AFTERWARDS, true)) {
                break;
            }
            // A word in capitals before all others is a make, where not all of them shout.
            $isMake = preg_match(self::MAKE, $word) === 1 || (! $isShouted && $index === 0 && count($words) > 1 && self::shouts($word));
            if (! $isMake && ! in_array($small, Litter::PRAISE, true) && ! in_array($small, Litter::AFTERWARDS, true)) {
                // Of a word that comes twice the last one stays: it may be the noun.
                unset($kept[self::stem($small)]);
                $kept[self::stem($small)] = self::shouts($word) ? mb_convert_case($word, MB_CASE_TITLE, 'UTF-8') : $word;
            }
        }

        return array_values($kept);
    }

    private static function shouts(string $word): bool
    {
        return mb_strlen($word, 'UTF-8') > 2 && mb_strtoupper($word, 'UTF-8') === $word && mb_strtolower($word, 'UTF-8') !== $word;
    }

    /** Lantern and lanterns, Laterne and Laternen are one word. */
    private static function stem(string $small): string
    {
        return mb_strlen($small, 'UTF-8') > 4 ? (string) preg_replace('/(?:en|es|e|n|s)\z/u', '', $small) : $small;
    }

    /** @param  list<string>  $words */
    private static function written(array $words): string
    {
        $text = implode(' ', $words);

        return mb_strtoupper(mb_substr($text, 0, 1, 'UTF-8'), 'UTF-8').mb_substr($text, 1, null, 'UTF-8');
    }
}
