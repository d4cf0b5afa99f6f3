<?php

declare(strict_types=1);

namespace PaperKite\Link;

use Random\Randomizer;

/**
 * The code of a placement: 7 characters of Crockford's base 32, lower case.
 *
 * @see https://www.crockford.com/base32.html no i, l, o, u; i and l are read as 1, o as 0
 */
final readonly class PlacementCode
{
    public const LENGTH = 7;

    public const ALPHABET = '0123456789abcdefghjkmnpqrstvwxyz';

    private function __construct(public string $text) {}

    /** @param  Randomizer  $source a secure one: a code that can be guessed is a link that can be guessed */
    public static function random(Randomizer $source): self
    {
        $text = '';
        while (strlen($text) < self::LENGTH) {
            $text .= self::ALPHABET[$source->getInt(0, 31)];
        }

        return new self($text);
    }

    /** Reads a code as people copy it off paper; `null` where it can't be one. */
    public static function read(string $text): ?self
    {
        $text = strtr(strtolower($text), ['o' => '0', 'i' => '1', 'l' => '1']);

        return preg_match('/\A['.self::ALPHABET.']{'.self::LENGTH.'}\z/', $text) === 1 ? new self($text) : null;
    }
}
