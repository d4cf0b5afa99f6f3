<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

use IntlBreakIterator;
use IntlRuleBasedBreakIterator;
use LogicException;

/** The words of a text, in any script, as Unicode parts them. */
final class Words
{
    /**
     * @return list<array{string, int}> each with the place of its first character
     *
     * @see https://www.unicode.org/reports/tr29/#Word_Boundaries
     */
    public static function placed(string $text): array
    {
        $iterator = IntlBreakIterator::createWordInstance('en');
        if (! $iterator instanceof IntlRuleBasedBreakIterator) {
            throw new LogicException('Words can’t be told apart on this machine.');
        }
        $iterator->setText($text);
        $words = [];
        $place = 0;
        for ($from = $iterator->first(); ($to = $iterator->next()) !== IntlBreakIterator::DONE; $from = $to) {
            $part = substr($text, $from, $to - $from);
            if ($iterator->getRuleStatus() >= IntlBreakIterator::WORD_NONE_LIMIT) {
                $words[] = [$part, $place];
            }
            $place += mb_strlen($part, 'UTF-8');
        }

        return $words;
    }

    public static function count(string $text): int
    {
        return count(self::placed($text));
    }
}
