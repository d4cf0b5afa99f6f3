<?php

declare(strict_types=1);

namespace PaperKite\Text;

/** Text of several lines that a person typed. Line ends become `\n`; other control characters are refused. */
final readonly class Passage
{
    private function __construct(public string $text) {}

    /**
     * @param  string  $what  what the passage is, as the message shall call it: "The comment"
     * @param  int  $max  the most characters (Unicode code points) it may have
     *
     * @throws InvalidLine
     */
    public static function of(string $text, string $what, int $max): self
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidLine::notUtf8($what);
        }
        $text = trim(str_replace(["\r\n", "\r", "\t"], ["\n", "\n", ' '], $text), " \n");
        if (preg_match('/[^\p{Cf}\p{Z}\p{Cc}]/u', $text) !== 1) {
            throw InvalidLine::missing($what);
        }
        if (preg_match('/[^\P{Cc}\n]/u', $text) === 1) {
            throw InvalidLine::controlCharacter($what);
        }
        if (mb_strlen($text) > $max) {
            throw InvalidLine::tooLong($what, mb_strlen($text), $max);
        }

        return new self($text);
    }
}
