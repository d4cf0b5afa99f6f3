<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** Something the shop sells. */
final readonly class Product
{
    public const LONGEST_NAME = 160;

    public const USUAL_TAX_CLASS = 'standard';

    /**
     * @param  list<Option>  $options
     * @param  list<Variant>  $variants  where there are any, one of them is what is sold
     * @param  list<Plan>  $plans
     */
    public function __construct(
        public Sku $sku,
        public string $name,
        public ProductKind $kind,
        /** `null` where it is sold by plan alone. */
        public ?Price $price,
        public ?Money $cost = null,
        public string $taxClass = self::USUAL_TAX_CLASS,
        public int $weightGrams = 0,
        public ?ItemShipping $shipping = null,
        public ?AmountLimits $limits = null,
        public array $options = [],
        public array $variants = [],
        public array $plans = [],
        public ?Instalments $instalments = null,
        public ?Stock $stock = null,
        /** Whether the seller still works on it: it is shown nowhere and can't be bought. */
        public bool $isDraft = false,
        /** @var list<Money> amounts that a shopper is offered to give */
        public array $suggested = [],
        /** When and where it takes place, if it does, and its variants say nothing else. */
        public ?Event $event = null,
        /** What the product says of the address; `null`: as is usual for its kind. */
        private ?ParcelAddress $address = null,
    ) {}

    public function address(): ParcelAddress
    {
        $usual = $this->kind->addresses();

        return in_array($this->address, $usual, true) ? $this->address : $usual[0];
    }

    /** Goods of which nobody asks where they go are collected. */
    public function ships(): bool
    {
        return $this->kind->ships() && $this->address() !== ParcelAddress::NotAsked;
    }

    public function plan(string $code): ?Plan
    {
        foreach ($this->plans as $plan) {
            if ($plan->code === $code) {
                return $plan;
            }
        }

        return null;
    }

    public function variant(string $sku): ?Variant
    {
        foreach ($this->variants as $variant) {
            if ($variant->sku->text === $sku) {
                return $variant;
            }
        }

        return null;
    }

    /** @return list<Choice> what a variant's choices mean, in the order of the options */
    public function choicesOf(Variant $variant): array
    {
        $choices = [];
        foreach ($this->options as $i => $option) {
            $choice = $option->choice($variant->choices[$i] ?? '');
            if ($choice !== null) {
                $choices[] = $choice;
            }
        }

        return $choices;
    }

    public function eventOf(?Variant $variant): ?Event
    {
        return $variant->event ?? $this->event;
    }

    /** The pieces that can be sold: a variant's own where it counts its own, else the product's. */
    public function stockOf(?Variant $variant): Stock
    {
        return $variant->stock ?? $this->stock ?? Stock::untracked();
    }
}
