<?php

declare(strict_types=1);

namespace PaperKite\Link;

use PaperKite\Text\Crockford;
use Random\Randomizer;

/** The code of a placement: 7 characters of the Crockford base 32 alphabet, lower case. */
final readonly class PlacementCode
{
    public const LENGTH = 7;

    private function __construct(public string $text) {}

    /** @param  Randomizer  $source a secure one: a code that can be guessed is a link that can be guessed */
    public static function random(Randomizer $source): self
    {
        return new self(Crockford::random(self::LENGTH, $source));
    }

    /** Reads a code as people copy it off paper; `null` where it can't be one. */
    public static function read(string $text): ?self
    {
        $plain = Crockford::read($text, self::LENGTH);

        return $plain === null ? null : new self($plain);
    }
}
