<?php

declare(strict_types=1);

namespace PaperKite\Results;

use InvalidArgumentException;

/**
 * Between which two shares the true one lies, with 95 % confidence, where so many of so many were counted. It stays
 * between 0 and 1, and is right for few.
 *
 * Wilson, E. B. (1927), "Probable inference, the law of succession, and statistical inference".
 */
final readonly class Wilson
{
    /** The standard normal deviate of 95 %, both sides. */
    private const Z = 1.959963984540054;

    private function __construct(
        public float $low,
        public float $high,
    ) {}

    public static function of(int $counted, int $all): self
    {
        if ($counted < 0 || $all < 1 || $counted > $all) {
            throw new InvalidArgumentException("{$counted} of {$all} is no share.");
        }
        $share = $counted / $all;
        $square = self::Z ** 2 / $all;
        $middle = ($share + $square / 2) / (1 + $square);
        $half = self::Z / (1 + $square) * sqrt($share * (1 - $share) / $all + self::Z ** 2 / (4 * $all ** 2));

        return new self($counted === 0 ? 0.0 : max(0.0, $middle - $half), $counted === $all ? 1.0 : min(1.0, $middle + $half));
    }
}
