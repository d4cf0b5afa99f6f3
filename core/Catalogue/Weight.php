<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** A weight as it was typed, and in whole grams. */
final readonly class Weight
{
    private const HEAVIEST_GRAMS = 1_000_000;

    private function __construct(
        public string $text,
        public WeightUnit $unit,
        /** Half a gram is rounded up. */
        public int $grams,
    ) {}

    /** @throws InvalidWeight */
    public static function fromEntry(string $text, WeightUnit $unit): self
    {
        $text = trim($text, ' ');
        if (preg_match('/\A\d{1,9}(?:\.\d{1,6})?\z/', $text) !== 1) {
            throw InvalidWeight::notANumber($text);
        }
        $grams = BigDecimal::of($text)->multipliedBy($unit->grams())->toScale(0, RoundingMode::HALF_UP);
        if ($grams->isGreaterThan(self::HEAVIEST_GRAMS)) {
            throw InvalidWeight::tooHeavy();
        }

        return new self($text, $unit, $grams->toInt());
    }
}
