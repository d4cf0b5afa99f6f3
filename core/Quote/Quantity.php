<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** How many pieces a line holds: 1 to 999. */
final readonly class Quantity
{
    public const LARGEST = 999;

    private function __construct(public int $pieces) {}

    /** @throws InvalidQuantity */
    public static function of(int $pieces): self
    {
        if ($pieces < 1 || $pieces > self::LARGEST) {
            throw InvalidQuantity::outOfRange((string) $pieces, self::LARGEST);
        }

        return new self($pieces);
    }

    /** @throws InvalidQuantity */
    public static function fromEntry(string $text): self
    {
        $text = trim($text, ' ');
        if (preg_match('/\A\d{1,6}\z/', $text) !== 1) {
            throw InvalidQuantity::outOfRange($text, self::LARGEST);
        }

        return self::of((int) $text);
    }
}
