<?php

declare(strict_types=1);

namespace PaperKite\GiftCard;

use Random\Randomizer;

/**
 * What is written on a gift card: fifteen random characters of Crockford’s base 32, 75 bits, and a sixteenth that checks them.
 *
 * The check is a sum in the field of 32 elements, each character weighted by another power of its generator: one wrong
 * character, and any two that changed places, are always noticed.
 *
 * @see https://www.crockford.com/base32.html
 */
final readonly class CardCode
{
    private const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    private const RANDOM = 15;

    /** Letters that are taken for digits. */
    private const READ_AS = ['O' => '0', 'I' => '1', 'L' => '1'];

    /** x⁵ + x² + 1, by which elements of the field are multiplied; x generates all but nought. */
    private const POLYNOMIAL = 0b100101;

    private const SIZE = 32;

    /** @param  string  $text  sixteen characters */
    private function __construct(public string $text) {}

    public static function random(Randomizer $chance): self
    {
        $text = '';
        for ($i = 0; $i < self::RANDOM; $i++) {
            $text .= self::ALPHABET[$chance->getInt(0, self::SIZE - 1)];
        }

        return new self($text.self::check($text));
    }

    /** @return self|null `null` where this is no code: read as people write it, in small letters and with marks between */
    public static function read(string $typed): ?self
    {
        $text = strtr(strtoupper((string) preg_replace('/[\s\p{Pd}_.]+/u', '', $typed)), self::READ_AS);
        $isWhole = strlen($text) === self::RANDOM + 1 && strspn($text, self::ALPHABET) === strlen($text);

        return $isWhole && self::check(substr($text, 0, self::RANDOM)) === $text[self::RANDOM] ? new self($text) : null;
    }

    /** In groups of four, as it is printed. */
    public function shown(): string
    {
        return implode('-', str_split($this->text, 4));
    }

    /** By which its holder knows it among others, and nobody else can use it. */
    public function tail(): string
    {
        return substr($this->text, -4);
    }

    private static function check(string $text): string
    {
        $sum = 0;
        foreach (str_split($text) as $character) {
            $sum = self::timesGenerator($sum ^ (int) strpos(self::ALPHABET, $character));
        }

        return self::ALPHABET[$sum];
    }

    private static function timesGenerator(int $element): int
    {
        $product = $element << 1;

        return ($product & self::SIZE) === 0 ? $product : $product ^ self::POLYNOMIAL;
    }
}
