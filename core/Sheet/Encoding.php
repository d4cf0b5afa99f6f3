<?php

declare(strict_types=1);

namespace PaperKite\Sheet;

/** In which bytes a sheet is written. */
enum Encoding: string
{
    case Utf8 = 'UTF-8';
    case Utf16Little = 'UTF-16LE';
    case Utf16Big = 'UTF-16BE';
    case Windows1252 = 'Windows-1252';

    /** @param  string  $start  the first bytes of the sheet, some thousands */
    public static function detect(string $start): self
    {
        return match (true) {
            str_starts_with($start, "\xEF\xBB\xBF") => self::Utf8,
            str_starts_with($start, "\xFF\xFE") => self::Utf16Little,
            str_starts_with($start, "\xFE\xFF") => self::Utf16Big,
            // Without a mark: every second byte of what is mostly ASCII is nought.
            self::isMostlyNought($start, 1) => self::Utf16Little,
            self::isMostlyNought($start, 0) => self::Utf16Big,
            // The last letter may be cut through.
            preg_match('/\A(?:[\x00-\x7F]|[\xC2-\xF4][\x80-\xBF]{1,3})*+[\xC2-\xF4]?[\x80-\xBF]{0,2}\z/', substr($start, 0, 4_096)) === 1 && mb_check_encoding(self::withoutCutLetter($start), 'UTF-8') => self::Utf8,
            default => self::Windows1252,
        };
    }

    /** How many bytes say nothing but in which encoding the rest is. */
    public static function markLength(string $start): int
    {
        return match (true) {
            str_starts_with($start, "\xEF\xBB\xBF") => 3,
            str_starts_with($start, "\xFF\xFE"), str_starts_with($start, "\xFE\xFF") => 2,
            default => 0,
        };
    }

    public function toUtf8(string $bytes): string
    {
        return $this === self::Utf8 ? mb_scrub($bytes, 'UTF-8') : mb_convert_encoding($bytes, 'UTF-8', $this->value);
    }

    /** In bytes: what a text may be cut into without cutting through a letter. */
    public function unit(): int
    {
        return $this === self::Utf16Little || $this === self::Utf16Big ? 2 : 1;
    }

    private static function isMostlyNought(string $start, int $which): bool
    {
        $pairs = intdiv(min(strlen($start), 2_000), 2);
        $noughts = 0;
        for ($i = 0; $i < $pairs; $i++) {
            $noughts += $start[2 * $i + $which] === "\0" ? 1 : 0;
        }

        return $pairs > 1 && $noughts > $pairs * 0.6;
    }

    private static function withoutCutLetter(string $start): string
    {
        return (string) preg_replace('/[\xC2-\xF4][\x80-\xBF]{0,2}\z/', '', $start);
    }
}
