<?php

declare(strict_types=1);

namespace PaperKite\People;

use PaperKite\Text\Crockford;
use Random\Randomizer;

/** What shows that whoever sets an installation up runs it: 80 bits in 16 characters of the Crockford base 32 alphabet, in fours. */
final readonly class SetUpWord
{
    private const LENGTH = 16;

    private function __construct(private string $text) {}

    /** @param  Randomizer  $source  a secure one */
    public static function random(Randomizer $source): self
    {
        return new self(Crockford::random(self::LENGTH, $source));
    }

    /** Reads a word as people copy it off a terminal; `null` where it can't be one. */
    public static function read(string $text): ?self
    {
        $plain = Crockford::read(str_replace([' ', '-'], '', $text), self::LENGTH);

        return $plain === null ? null : new self($plain);
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
