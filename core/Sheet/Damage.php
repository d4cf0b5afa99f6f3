<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

/** What programs that open sheets do to cells, and can't be undone. */
enum Damage: string
{
    case Rounded = 'rounded';
    case TooNarrow = 'too_narrow';
    case Formula = 'formula';
    case Letters = 'letters';
    case Day = 'day';

    public static function in(string $cell): ?self
    {
        $cell = trim($cell);

        return match (true) {
            $cell === '' => null,
            preg_match('/\A[+-]?\d(?:[.,]\d+)?E\+?\d{1,3}\z/i', $cell) === 1 => self::Rounded,
            preg_match('/\A#{3,}\z/', $cell) === 1 => self::TooNarrow,
            preg_match('/\A#(?:REF|NAME|N\/A|NV|VALUE|WERT|BEZUG|DIV\/0|NUM|ZAHL|NULL)[!?]?\z/i', $cell) === 1 => self::Formula,
            // Letters of UTF-8 that were read as Windows-1252, or could not be read.
            preg_match('/\x{FFFD}|Ã[\x{80}-\x{BF}\x{201A}-\x{203A}\x{20AC}]|â€|Â[\x{A0}-\x{BF}]/u', $cell) === 1 => self::Letters,
            default => null,
        };
    }

    /** Of a number that is no amount, such as an item's: some programs take it for a day. */
    public static function inReference(string $cell): ?self
    {
        return preg_match('/\A(?:\d{1,2}[-.\s]{0,2}(?:jan|feb|mar|mär|mrz|apr|may|mai|jun|jul|aug|sep|oct|okt|nov|dec|dez)[a-zä]*\.?(?:[-.\s]?\d{2,4})?|(?:jan|feb|mar|mär|mrz|apr|may|mai|jun|jul|aug|sep|oct|okt|nov|dec|dez)[a-zä]*\.?[-\s]\d{2,4})\z/iu', trim($cell)) === 1 ? self::Day : self::in($cell);
    }

    /** What is the matter, and what to do. */
    public function sentence(string $cell): string
    {
        $shown = mb_strimwidth($cell, 0, 40, '…', 'UTF-8');

        return match ($this) {
            self::Rounded => "“{$shown}” was a long number, which a program has rounded; take the report as it was downloaded, without opening it in between.",
            self::TooNarrow => "“{$shown}” was wider than its column; take the report as it was downloaded.",
            self::Formula => "“{$shown}” is a formula that failed; take the report as it was downloaded.",
            self::Letters => "“{$shown}” has letters that were read wrongly; choose another encoding, or take the report as it was downloaded.",
            self::Day => "“{$shown}” looks like a number that a program took for a day; take the report as it was downloaded.",
        };
    }
}
