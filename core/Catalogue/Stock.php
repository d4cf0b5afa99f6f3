<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** How many pieces can be sold: a number that is counted down, or never counted. */
final readonly class Stock
{
    public const LARGEST = 1_000_000;

    private function __construct(
        /** Pieces on hand, or `null` where stock is not tracked. */
        public ?int $pieces,
        /** Whether it is sold on when nothing is left, to be sent when there is more. */
        public bool $allowsBackOrder,
    ) {}

    public static function untracked(): self
    {
        return new self(null, false);
    }

    /** @throws InvalidStock */
    public static function of(int $pieces, bool $allowsBackOrder = false): self
    {
        if ($pieces < 0 || $pieces > self::LARGEST) {
            throw InvalidStock::outOfRange($pieces, self::LARGEST);
        }

        return new self($pieces, $allowsBackOrder);
    }

    /** @throws InvalidStock */
    public static function fromEntry(string $text): self
    {
        $text = trim($text, ' ');
        if (preg_match('/\A-?\d{1,9}\z/', $text) !== 1) {
            throw InvalidStock::notACount($text);
        }

        return self::of((int) $text);
    }

    public function covers(int $quantity): bool
    {
        return $this->allowsBackOrder || $this->missingFor($quantity) === 0;
    }

    /** Of a quantity, the pieces that are not on the shelf. */
    public function missingFor(int $quantity): int
    {
        return $this->pieces === null ? 0 : max(0, $quantity - $this->pieces);
    }
}
