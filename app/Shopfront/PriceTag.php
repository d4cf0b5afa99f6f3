<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Product;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Product as CatalogueProduct;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Money;
use PaperKite\Quote\UnitPrice;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** What a product costs now, as the shopfront shows it before anything is chosen. */
final readonly class PriceTag
{
    private function __construct(
        public Money $lowest,
        public Money $highest,
        public bool $varies,
        /** The regular price beside a sale price, where the price does not vary. */
        public ?Money $regular,
        public bool $isSoldOut,
        /** Whether the shopper says how much. */
        private bool $isGiven = false,
        /** Whether it is a partner who asks a price for it. */
        private bool $isElsewhere = false,
    ) {}

    /** @param  Product  $product  with its variants read */
    public static function of(Product $product, Moment $at): self
    {
        if ($product->kind->isElsewhere()) {
            return new self($product->money(0), $product->money(0), false, null, false, isElsewhere: true);
        }
        $core = $product->toCore();
        $prices = array_map(static fn (?Variant $variant): UnitPrice => self::price($core, $variant, $at), $core->variants === [] ? [null] : $core->variants);
        $lowest = $highest = $prices[0];
        foreach ($prices as $price) {
            $lowest = $price->today->isLessThan($lowest->today) ? $price : $lowest;
            $highest = $highest->today->isLessThan($price->today) ? $price : $highest;
        }
        $varies = array_filter($prices, static fn (UnitPrice $price): bool => ! $price->today->equals($lowest->today)) !== [];

        return new self($lowest->today, $highest->today, $varies, $varies ? null : $lowest->beforeSale(), self::soldOut($core), $core->kind->isMoneyItself());
    }

    public static function price(CatalogueProduct $product, ?Variant $variant, Moment $at): UnitPrice
    {
        return UnitPrice::of(new Pick($product, Quantity::of(1), $variant), $at);
    }

    /** @return Money|null the one price; `null` where it varies, the shopper says it, or a partner asks it */
    public function only(): ?Money
    {
        return $this->isElsewhere || $this->isGiven || $this->varies ? null : $this->lowest;
    }

    public function shown(Wording $say): string
    {
        if ($this->isElsewhere) {
            return '';
        }
        if ($this->isGiven) {
            return $say->say('list.you_choose');
        }

        return $this->varies ? $say->say('list.price_from', price: $this->lowest) : $this->lowest->shown();
    }

    private static function soldOut(CatalogueProduct $product): bool
    {
        foreach ($product->variants === [] ? [null] : $product->variants as $variant) {
            if ($product->stockOf($variant)->covers(1)) {
                return false;
            }
        }

        return true;
    }
}
