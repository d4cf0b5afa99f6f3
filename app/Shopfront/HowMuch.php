<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use PaperKite\Catalogue\AmountLimits;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Words\Wording;

/** The question how much a shopper gives. */
final readonly class HowMuch
{
    /** @param  non-empty-list<Money>  $suggested */
    private function __construct(
        public array $suggested,
        /** What is chosen at first. */
        public Money $usual,
        public Currency $currency,
        private AmountLimits $limits,
    ) {}

    public static function of(Product $product): self
    {
        $usual = $product->money($product->price_minor);

        return new self(array_values(array_map($product->money(...), $product->suggested ?? [])) ?: [$usual], $usual, $usual->currency, $product->limits());
    }

    /** Whether an amount can be typed that is not suggested. */
    public function isFree(): bool
    {
        return $this->limits->only === null;
    }

    /** From how much to how much. */
    public function limits(Wording $say): string
    {
        [$least, $most] = [$this->limits->min, $this->limits->max];

        return match (true) {
            $least !== null && $most !== null => $say->say('amount.from_to', least: $least, most: $most),
            $least !== null => $say->say('amount.from', least: $least),
            $most !== null => $say->say('amount.up_to', most: $most),
            default => $say->say('amount.any'),
        };
    }
}
