<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

use PaperKite\Offer\Onwards;

/** Which buttons stand where in a shop's own pages, what they say, and what follows adding. */
final readonly class ShopfrontRules
{
    private const BUILT_IN = ['list' => ButtonSet::Cart, 'product' => ButtonSet::CartThenBuy, 'glance' => ButtonSet::CartThenBuy];

    /**
     * @param  array<string, ButtonSet>  $buttons  by the value of the surface
     * @param  array<string, string>  $words  captions by surface and destination: "list.cart"; blank ones are left out
     */
    public function __construct(
        private array $buttons = [],
        private array $words = [],
        public AfterAdding $afterAdding = AfterAdding::Cart,
        /** Whether whoever stays reads that it is in the cart. */
        public bool $hasNotice = true,
        /** Where the notice leads; never to staying. */
        public AfterAdding $noticeLeads = AfterAdding::Cart,
        /** An address of the seller's, at a host that is listed; `null` where none is needed. */
        public ?string $address = null,
        public CartColumns $cartColumns = new CartColumns,
    ) {}

    public function buttons(Surface $surface): ButtonSet
    {
        return $this->buttons[$surface->value] ?? self::BUILT_IN[$surface->value];
    }

    /** The caption that is said for this surface; `null` where none is. */
    public function caption(Surface $surface, Onwards $destination): ?string
    {
        return $this->words["{$surface->value}.{$destination->value}"] ?? null;
    }

    /** @return array<string, string> captions by surface and destination */
    public function captions(): array
    {
        return $this->words;
    }
}
