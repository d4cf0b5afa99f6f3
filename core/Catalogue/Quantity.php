<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** How many pieces a line holds: 1 to 9999. */
final readonly class Quantity
{
    public const LARGEST = 9_999;

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
    public static function fromEntry(string $text, int $largest = self::LARGEST, int $least = 1): self
    {
        $text = trim($text, ' ');
        if (preg_match('/\A\d{1,6}\z/', $text) !== 1 || (int) $text < $least || (int) $text > $largest) {
            throw InvalidQuantity::outOfRange($text, $largest, $least);
        }

        return new self((int) $text);
    }
}
