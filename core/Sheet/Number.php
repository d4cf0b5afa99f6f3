<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

use Brick\Math\BigDecimal;
use PaperKite\Text\DecimalMark;

/** A number in a cell as sheets have it: with grouping, a currency beside it, a minus before or behind, or in brackets. */
final class Number
{
    private const AMOUNT = '/\A(?<open>\()?\s*(?<sign>[-−–+])?\s*(?<digits>\d[\d.,\'’\x{A0}\x{202F} ]*)\s*(?<behind>[-−–])?\s*(?<close>\))?\z/u';

    /** @return string|null digits with a point and perhaps a minus; `null` where it is no number */
    public static function read(string $cell, DecimalMark $mark): ?string
    {
        $bare = trim((string) preg_replace('/\p{Sc}|\b[A-Z]{3}\b|\bkr\b/u', ' ', $cell));
        $bare = trim((string) preg_replace('/[\p{Z}]+/u', ' ', $bare));
        if (preg_match(self::AMOUNT, $bare, $parts, PREG_UNMATCHED_AS_NULL) !== 1 || ($parts['open'] === null) !== ($parts['close'] === null)) {
            return null;
        }
        $decimal = self::decimal(rtrim((string) $parts['digits'], ' '), $mark);
        $isNegative = $parts['open'] !== null || $parts['behind'] !== null || in_array($parts['sign'], ['-', '−', '–'], true);

        return $decimal === null ? null : (string) BigDecimal::of(($isNegative ? '-' : '').$decimal);
    }

    /**
     * With which mark the numbers of a column are written.
     *
     * @param  list<string>  $cells
     */
    public static function markOf(array $cells): DecimalMark
    {
        $votes = [0, 0];
        foreach ($cells as $cell) {
            // The last mark before one or two digits at the end stands before decimals, and three digits behind it say nothing.
            if (preg_match('/([.,])\d{1,2}(?:\D*)\z/u', trim($cell), $found) === 1) {
                $votes[$found[1] === ',' ? 1 : 0]++;
            }
        }

        return $votes[1] > $votes[0] ? DecimalMark::Comma : DecimalMark::Point;
    }

    private static function decimal(string $digits, DecimalMark $mark): ?string
    {
        [$point, $group] = $mark === DecimalMark::Comma ? [',', '.'] : ['.', ','];
        $parts = explode($point, $digits);
        $groups = preg_split('/['.preg_quote($group, '/')."'’\x{A0}\x{202F} ]/u", $parts[0]) ?: [];
        $isGrouped = count($groups) === 1 || (strlen($groups[0]) <= 3 && array_filter(array_slice($groups, 1), static fn (string $part): bool => strlen($part) !== 3) === []);
        $decimals = $parts[1] ?? '';
        $whole = implode('', $groups);
        if (count($parts) > 2 || ! $isGrouped || preg_match('/\A\d+\z/', $whole) !== 1 || preg_match('/\A\d*\z/', $decimals) !== 1) {
            return null;
        }

        return $whole.($decimals === '' ? '' : ".{$decimals}");
    }
}
