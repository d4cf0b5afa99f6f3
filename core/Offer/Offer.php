<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Product;
use PaperKite\Quote\CartLine;
use PaperKite\Quote\Quantity;
use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;

/** One way to buy: what is sold, what the click does, and its words. */
final readonly class Offer
{
    public const LONGEST_CAPTION = 40;

    /** How many pieces one click adds at most. */
    public const LARGEST_QUANTITY = 999;

    public function __construct(
        public Product $product,
        public Quantity $quantity,
        public Destination $destination,
        public CartUse $cartUse,
        /** The seller's own words, or `null` where the destination's are used. */
        public ?string $ownCaption,
    ) {}

    public function caption(): string
    {
        return $this->ownCaption ?? $this->destination->caption();
    }

    public function line(): CartLine
    {
        return new CartLine($this->product, $this->quantity, $this->product->variants[0] ?? null);
    }

    /** Whether the shopper has still to say which variant. */
    public function leavesAChoice(): bool
    {
        return $this->product->variants !== [];
    }

    public function isSoldOut(): bool
    {
        if (! $this->leavesAChoice()) {
            return ! $this->product->stockOf(null)->covers($this->quantity->pieces);
        }
        foreach ($this->product->variants as $variant) {
            if ($this->product->stockOf($variant)->covers($this->quantity->pieces)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return string|null the caption to keep, `null` for a blank one
     *
     * @throws InvalidLine
     */
    public static function captionFromEntry(string $text): ?string
    {
        return trim($text, ' ') === '' ? null : Line::of($text, 'The caption', self::LONGEST_CAPTION)->text;
    }
}
