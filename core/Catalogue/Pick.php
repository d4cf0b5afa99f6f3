<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** What is picked to be bought, in which variant, on which terms, how many of it; before anything is reckoned. */
final readonly class Pick
{
    public Terms $terms;

    public function __construct(
        public Product $product,
        public Quantity $quantity,
        /** `null` where the product has none, or where the shopper has still to say which. */
        public ?Variant $variant = null,
        /** `null`: once. */
        ?Terms $terms = null,
    ) {
        $this->terms = $terms ?? Terms::once();
    }

    /** The same for what would be one line of a cart, however many of it. */
    public function key(): string
    {
        return "{$this->sku()->text} {$this->terms->key()}";
    }

    public function in(?Variant $variant): self
    {
        return new self($this->product, $this->quantity, $variant, $this->terms);
    }

    /** The plan by which it is paid; `null` where there is none. */
    public function plan(): ?Plan
    {
        return $this->terms->plan === null ? null : $this->product->plan($this->terms->plan);
    }

    public function availability(): Availability
    {
        return Availability::of($this->product->isDraft, $this->product->stockOf($this->variant), $this->quantity->pieces);
    }

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
        return $this->product->ships() && ! $this->beginsWithTrial();
    }

    public function beginsWithTrial(): bool
    {
        return $this->plan()?->beginsWithTrial() === true;
    }

    /** In grams, of all its pieces. */
    public function weight(): int
    {
        return ($this->variant->weightGrams ?? $this->product->weightGrams) * $this->quantity->pieces;
    }
}
