<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Plan;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Money;

/** What is to be bought, before anything is reckoned. */
final readonly class CartLine
{
    public function __construct(
        public Product $product,
        public Quantity $quantity,
        public ?Variant $variant = null,
        public ?Plan $plan = null,
        /** What the shopper gives, for a donation or a gift card; `null`: the product's price. */
        public ?Money $amount = null,
        public bool $isByInstalments = false,
    ) {}

    public function sku(): Sku
    {
        return $this->variant->sku ?? $this->product->sku;
    }

    /** As a person reads it: the product, and the choices made. */
    public function name(): string
    {
        return $this->variant === null || $this->variant->choices === []
            ? $this->product->name
            : "{$this->product->name} · ".implode(' · ', $this->variant->choices);
    }

    /** Rule 4: nothing is sent while a trial runs. */
    public function shipsToday(): bool
    {
        return $this->product->kind->ships() && ! $this->beginsWithTrial();
    }

    public function beginsWithTrial(): bool
    {
        return $this->plan?->beginsWithTrial() === true;
    }

    /** In grams, of all its pieces. */
    public function weight(): int
    {
        return ($this->variant->weightGrams ?? $this->product->weightGrams) * $this->quantity->pieces;
    }
}
