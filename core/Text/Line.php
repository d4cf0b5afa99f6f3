<?php

declare(strict_types=1);

namespace PaperKite\Text;

/**
 * One line of text that a person typed: a name, a caption, a town.
 *
 * Kept to the byte, save spaces at both ends: right-to-left marks and emoji joiners (Unicode category Cf) are
 * part of what was typed. Control characters (Cc), line separators (Zl, Zp) and broken UTF-8 are refused.
 */
final readonly class Line
{
    private function __construct(public string $text) {}

    /**
     * @param  string  $what  what the line is, as the message shall call it: "The name"
     * @param  int  $max  the most characters (Unicode code points) it may have
     *
     * @throws InvalidLine
     */
    public static function of(string $text, string $what, int $max): self
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidLine::notUtf8($what);
        }
        $text = trim($text, ' ');
        if ($text === '') {
            throw InvalidLine::missing($what);
        }
        if (preg_match('/[\p{Cc}\p{Zl}\p{Zp}]/u', $text) === 1) {
            throw InvalidLine::controlCharacter($what);
        }
        // Joiners and spaces alone would pass as a name that nobody can see.
        if (preg_match('/[^\p{Cf}\p{Z}]/u', $text) !== 1) {
            throw InvalidLine::missing($what);
        }
        if (mb_strlen($text) > $max) {
            throw InvalidLine::tooLong($what, mb_strlen($text), $max);
        }

        return new self($text);
    }
}
