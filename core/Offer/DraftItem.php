<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Terms;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Money;
use PaperKite\Refusal;

/** One of the goods on the desk. */
final readonly class DraftItem
{
    public function __construct(
        /** `null` where what was picked is not in the shop. */
        public ?Product $product,
        /** The SKU of the variant that was picked; blank: the shopper says which. */
        public string $variant,
        /** As typed. */
        public string $quantity,
        /** Whether its picture has no alternative text. */
        public bool $hasMutePicture = false,
        /** What a click gives, as typed; blank: the shopper says how much. */
        public string $amount = '',
        /** Where it is a partner's that was picked; then there is no product of the shop. */
        public ?PartnerGoods $partner = null,
    ) {}

    /** Blank where what was picked is not in the shop. */
    public function name(): string
    {
        return $this->product->name ?? $this->partner->name ?? '';
    }

    /**
     * @return Money|null `null` where the shopper says how much, or where nothing is given
     *
     * @throws Refusal
     */
    public function amount(): ?Money
    {
        $currency = $this->product?->price?->regular->currency;

        return $currency === null || ! $this->product->kind->isMoneyItself() || trim($this->amount) === '' ? null : Money::fromEntry($this->amount, $currency);
    }

    /** With one piece while the quantity is none; `null` where there is no product. */
    public function read(): ?OfferItem
    {
        try {
            $quantity = Quantity::fromEntry($this->quantity, Offer::LARGEST_QUANTITY);
        } catch (InvalidQuantity) {
            $quantity = Quantity::of(1);
        }

        return $this->product === null ? null : new OfferItem(new Pick($this->product, $quantity, $this->pickedVariant(), $this->terms()));
    }

    /** Whether a variant was picked that the product hasn't, or has no longer. */
    public function hasStrayVariant(): bool
    {
        return $this->variant !== '' && $this->pickedVariant() === null;
    }

    private function terms(): Terms
    {
        try {
            $amount = $this->amount();
        } catch (Refusal) {
            $amount = null;
        }

        return $amount === null ? Terms::once() : Terms::giving($amount);
    }

    private function pickedVariant(): ?Variant
    {
        return $this->product?->variant($this->variant);
    }
}
