<?php

declare(strict_types=1);

namespace PaperKite\Edit;

/** A value of a field in so many words as fit in a line. */
final class SaidValue
{
    private const LONGEST = 160;

    public static function of(mixed $value): string
    {
        $said = trim(self::said($value));

        return $said === '' ? 'nothing' : mb_strimwidth($said, 0, self::LONGEST, '…', 'UTF-8');
    }

    private static function said(mixed $value): string
    {
        return match (true) {
            $value === true => 'yes',
            $value === false => 'no',
            is_array($value) => self::listed($value),
            is_scalar($value) => self::plain((string) $value),
            default => '',
        };
    }

    /** @param  array<mixed>  $values */
    private static function listed(array $values): string
    {
        // Numbers by which machines know things say nothing to a person.
        $shown = array_filter($values, static fn (int|string $name): bool => $name !== 'id' && $name !== 'stock_seen' && ! str_ends_with((string) $name, '_id'), ARRAY_FILTER_USE_KEY);
        $said = array_filter(array_map(self::said(...), $shown), static fn (string $one): bool => $one !== '' && $one !== 'no');

        return implode(array_is_list($values) ? ', ' : ' ', $said);
    }

    /** Without the marks of formatted text. */
    private static function plain(string $text): string
    {
        $spaced = preg_match('~</?[a-z][^<>]*>~i', $text) === 1 ? html_entity_decode(strip_tags(str_replace('<', ' <', $text)), ENT_QUOTES | ENT_HTML5, 'UTF-8') : $text;

        return trim((string) preg_replace('/\s+/u', ' ', $spaced));
    }
}
