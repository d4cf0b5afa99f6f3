<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/**
 * How much of a text is another's. Both are held against each other by their shingles: all runs of four words, without
 * regard to case and to what stands between them.
 */
final readonly class CopiedText
{
    private const WORDS = 4;

    /** From this likeness on, or with half of its words in such runs, a text is largely the other's. */
    private const LARGELY = 0.3;

    private const HALF = 0.5;

    private function __construct(
        /** Jaccard: shingles of both, of those of either; 0 to 1. */
        public float $likeness,
        /** Of one's own words, those that stand in a run of the other's; 0 to 1. */
        public float $share,
        /** @var list<TextSegment> one's own text, piece by piece */
        public array $segments,
    ) {}

    public static function of(string $own, string $other): self
    {
        $words = Words::placed($own);
        $mine = self::shingles(self::bare($words));
        $theirs = array_flip(self::shingles(self::bare(Words::placed($other))));
        $isCopied = array_fill(0, count($words), false);
        $both = [];
        foreach ($mine as $index => $shingle) {
            if (isset($theirs[$shingle])) {
                $both[$shingle] = true;
                array_splice($isCopied, $index, self::WORDS, array_fill(0, self::WORDS, true));
            }
        }
        $either = count(array_flip($mine)) + count($theirs) - count($both);

        return new self(
            $either === 0 ? 0.0 : count($both) / $either,
            $words === [] ? 0.0 : count(array_filter($isCopied)) / count($words),
            self::segments($own, $words, $isCopied),
        );
    }

    public function isLargely(): bool
    {
        return $this->likeness >= self::LARGELY || $this->share >= self::HALF;
    }

    /**
     * @param  list<array{string, int}>  $words
     * @return list<string>
     */
    private static function bare(array $words): array
    {
        return array_map(static fn (array $word): string => mb_strtolower($word[0], 'UTF-8'), $words);
    }

    /**
     * @param  list<string>  $words
     * @return list<string> by the number of their first word
     */
    private static function shingles(array $words): array
    {
        $shingles = [];
        for ($index = 0; $index + self::WORDS <= count($words); $index++) {
            $shingles[] = implode(' ', array_slice($words, $index, self::WORDS));
        }

        return $shingles;
    }

    /**
     * @param  list<array{string, int}>  $words
     * @param  list<bool>  $isCopied
     * @return list<TextSegment> which make the whole text again
     */
    private static function segments(string $text, array $words, array $isCopied): array
    {
        $segments = [];
        [$from, $state] = [0, false];
        foreach ($words as $index => [$word, $place]) {
            if ($isCopied[$index] === $state) {
                continue;
            }
            // What stands between a passage and the next word is nobody's.
            $to = $state ? $words[$index - 1][1] + mb_strlen($words[$index - 1][0], 'UTF-8') : $place;
            $segments[] = new TextSegment(mb_substr($text, $from, $to - $from, 'UTF-8'), $state);
            [$from, $state] = [$to, ! $state];
        }
        $last = $words === [] ? 0 : $words[count($words) - 1][1] + mb_strlen($words[count($words) - 1][0], 'UTF-8');
        if ($state) {
            $segments[] = new TextSegment(mb_substr($text, $from, $last - $from, 'UTF-8'), true);
            $from = $last;
        }
        $segments[] = new TextSegment(mb_substr($text, $from, null, 'UTF-8'), false);

        return array_values(array_filter($segments, static fn (TextSegment $segment): bool => $segment->text !== ''));
    }
}
