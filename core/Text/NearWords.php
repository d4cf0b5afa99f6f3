<?php

declare(strict_types=1);

namespace PaperKite\Text;

/**
 * The words that somebody may have meant who mistyped one: a letter wrong, missing, too many, or two swapped. One mistake
 * is forgiven from four letters on, two from eight; where a word holds a digit, none.
 *
 * Optimal string alignment: each mistake counts one, and no letter is mended twice.
 */
final class NearWords
{
    private const ONE_FROM = 4;

    private const TWO_FROM = 8;

    /** @return int how many mistakes are forgiven */
    public static function forgiven(string $typed): int
    {
        $length = mb_strlen($typed, 'UTF-8');

        return match (true) {
            preg_match('/\p{N}/u', $typed) === 1, $length < self::ONE_FROM => 0,
            $length < self::TWO_FROM => 1,
            default => 2,
        };
    }

    /**
     * @param  iterable<string>  $words
     * @return list<string> those that are near, the nearest first; never the word itself
     */
    public static function of(string $typed, iterable $words): array
    {
        $forgiven = self::forgiven($typed);
        if ($forgiven === 0) {
            return [];
        }
        $letters = mb_str_split($typed, 1, 'UTF-8');
        $bytes = strlen($typed);
        $near = [];
        foreach ($words as $word) {
            // A letter has at most four bytes; most words are told apart by their length alone.
            if ($word !== $typed && abs(strlen($word) - $bytes) <= 4 * $forgiven && preg_match('/\p{N}/u', $word) !== 1) {
                $mistakes = self::mistakes($letters, mb_str_split($word, 1, 'UTF-8'), $forgiven);
                if ($mistakes <= $forgiven) {
                    $near[$word] = $mistakes;
                }
            }
        }
        asort($near);

        return array_map(strval(...), array_keys($near));
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     * @param  int  $most  more than so many are not told apart
     */
    private static function mistakes(array $one, array $other, int $most): int
    {
        if (abs(count($one) - count($other)) > $most) {
            return $most + 1;
        }
        $before = [];
        $last = range(0, count($other));
        foreach ($one as $i => $letter) {
            $row = [$i + 1];
            foreach ($other as $j => $theirs) {
                $cost = min($last[$j + 1] + 1, $row[$j] + 1, $last[$j] + ($letter === $theirs ? 0 : 1));
                if ($i > 0 && $j > 0 && $letter === $other[$j - 1] && $one[$i - 1] === $theirs) {
                    $cost = min($cost, $before[$j - 1] + 1);
                }
                $row[] = $cost;
            }
            if (min($row) > $most) {
                return $most + 1;
            }
            [$before, $last] = [$last, $row];
        }

        return $last[count($other)];
    }
}
