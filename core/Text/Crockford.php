<?php

declare(strict_types=1);

namespace PaperKite\Text;

use Random\Randomizer;

/**
 * Douglas Crockford's base 32, in lower case: 32 characters of which none is taken for another, read as people copy them.
 *
 * @link https://www.crockford.com/base32.html
 */
final class Crockford
{
    public const ALPHABET = '0123456789abcdefghjkmnpqrstvwxyz';

    /** @param  Randomizer  $source  a secure one */
    public static function random(int $length, Randomizer $source): string
    {
        $text = '';
        while (strlen($text) < $length) {
            $text .= self::ALPHABET[$source->getInt(0, 31)];
        }

        return $text;
    }

    /** In lower case, with `o` as 0 and `i`, `l` as 1; `null` where it is not of this length, or of other characters. */
    public static function read(string $text, int $length): ?string
    {
        $plain = strtr(strtolower($text), ['o' => '0', 'i' => '1', 'l' => '1']);

        return preg_match('/\A['.self::ALPHABET.']{'.$length.'}\z/', $plain) === 1 ? $plain : null;
    }
}
