<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** What changed between two sentences, word by word: the longest run of words that both have in order stays. */
final class SentenceDifference
{
    /** @return list<Stretch> whose words give both sentences */
    public static function of(string $earlier, string $later): array
    {
        $a = self::words($earlier);
        $b = self::words($later);
        $common = self::lengths($a, $b);
        $stretches = [];
        for ($i = $j = 0; $i < count($a) || $j < count($b);) {
            if ($i < count($a) && $j < count($b) && $a[$i] === $b[$j]) {
                $stretches[] = Stretch::kept($a[$i++]);
                $j++;
            } elseif ($j === count($b) || ($i < count($a) && $common[$i + 1][$j] >= $common[$i][$j + 1])) {
                $stretches[] = Stretch::gone($a[$i++]);
            } else {
                $stretches[] = Stretch::come($b[$j++]);
            }
        }

        return self::joined($stretches);
    }

    /** @return list<string> each with the space that follows it */
    private static function words(string $sentence): array
    {
        return preg_split('/(?<= )/', $sentence, -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     * @return array<int, array<int, int>> how many words are common from the i-th of one and the j-th of the other on
     */
    private static function lengths(array $a, array $b): array
    {
        $lengths = array_fill(0, count($a) + 1, array_fill(0, count($b) + 1, 0));
        for ($i = count($a) - 1; $i >= 0; $i--) {
            for ($j = count($b) - 1; $j >= 0; $j--) {
                $lengths[$i][$j] = $a[$i] === $b[$j] ? $lengths[$i + 1][$j + 1] + 1 : max($lengths[$i + 1][$j], $lengths[$i][$j + 1]);
            }
        }

        return $lengths;
    }

    /**
     * @param  list<Stretch>  $words
     * @return list<Stretch> neighbours of one kind put together
     */
    private static function joined(array $words): array
    {
        $joined = [];
        foreach ($words as $word) {
            $last = end($joined);
            if ($last instanceof Stretch && $last->wasThere === $word->wasThere && $last->isThere === $word->isThere) {
                array_pop($joined);
                $word = match (true) {
                    ! $word->isThere => Stretch::gone($last->text.$word->text),
                    ! $word->wasThere => Stretch::come($last->text.$word->text),
                    default => Stretch::kept($last->text.$word->text),
                };
            }
            $joined[] = $word;
        }

        return $joined;
    }
}
