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
    ) {}

    public static function untracked(): self
    {
        return new self(null);
    }

    /** @throws InvalidStock */
    public static function of(int $pieces): self
    {
        if ($pieces < 0 || $pieces > self::LARGEST) {
            throw InvalidStock::outOfRange($pieces, self::LARGEST);
        }

        return new self($pieces);
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
        return $this->pieces === null || $this->pieces >= $quantity;
    }
}
