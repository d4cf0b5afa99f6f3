<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/**
 * What the seller calls a product in links and sheets: 1 to 64 characters, none of which a link would have to read
 * as its own punctuation (`@ = * , / % ? #`), no white space, no controls. Case and script are kept as typed.
 */
final readonly class Sku
{
    public const LONGEST = 64;

    /** It is typed, read out and printed. */
    private const LONGEST_PROPOSED = 32;

    private const REFUSED = '@=*,\/%?#\p{Z}\p{C}';

    private function __construct(public string $text) {}

    /** @throws InvalidSku */
    public static function of(string $text): self
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidSku::notUtf8();
        }
        $text = trim($text, ' ');
        if ($text === '') {
            throw InvalidSku::missing();
        }
        if (preg_match('/['.self::REFUSED.']/u', $text, $found) === 1) {
            throw InvalidSku::character($found[0], self::allowedSpelling($text));
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw InvalidSku::tooLong(mb_strlen($text), self::LONGEST);
        }

        return new self($text);
    }

    /** What a name reads as in a link: in lower case, with “-” between its words; `null` where nothing of it can stand there. */
    public static function proposedFor(string $name): ?self
    {
        $words = preg_replace('/[^\p{L}\p{N}]+/u', '-', mb_strtolower(mb_scrub($name, 'UTF-8'), 'UTF-8')) ?? '';
        $text = trim(mb_substr(trim($words, '-'), 0, self::LONGEST_PROPOSED), '-');

        return $text === '' ? null : new self($text);
    }

    /** The nearest spelling that is allowed, or an empty text where nothing allowed is left. */
    public static function allowedSpelling(string $text): string
    {
        $joined = preg_replace('/['.self::REFUSED.']+/u', '-', mb_scrub($text, 'UTF-8')) ?? '';

        return mb_substr(trim($joined, '-'), 0, self::LONGEST);
    }
}
