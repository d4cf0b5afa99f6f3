<?php

declare(strict_types=1);

namespace PaperKite\People;

use Random\Randomizer;

/** What shows that whoever sets an installation up runs it: 80 bits in 16 characters of the Crockford base 32 alphabet, in fours. */
final readonly class SetUpWord
{
    private const LENGTH = 16;

    private const ALPHABET = '0123456789abcdefghjkmnpqrstvwxyz';

    private function __construct(private string $text) {}

    /** @param  Randomizer  $source  a secure one */
    public static function random(Randomizer $source): self
    {
        $text = '';
        while (strlen($text) < self::LENGTH) {
            $text .= self::ALPHABET[$source->getInt(0, 31)];
        }

        return new self($text);
    }

    /** Reads a word as people copy it off a terminal; `null` where it can't be one. */
    public static function read(string $text): ?self
    {
        $plain = strtr(strtolower(str_replace([' ', '-'], '', $text)), ['o' => '0', 'i' => '1', 'l' => '1']);

        return preg_match('/\A['.self::ALPHABET.']{'.self::LENGTH.'}\z/', $plain) === 1 ? new self($plain) : null;
    }

    /** As it is printed: `7kq2-m0rt-9xea-5hvd`. */
    public function shown(): string
    {
        return implode('-', str_split($this->text, 4));
    }

    /** SHA-256: what the database keeps. 80 random bits need no salt. */
    public function digest(): string
    {
        return hash('sha256', $this->text);
    }
}
