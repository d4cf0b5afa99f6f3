<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Variant;

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
    ) {}

    /** With one piece while the quantity is none; `null` where there is no product. */
    public function read(): ?OfferItem
    {
        try {
            $quantity = Quantity::fromEntry($this->quantity, Offer::LARGEST_QUANTITY);
        } catch (InvalidQuantity) {
            $quantity = Quantity::of(1);
        }

        return $this->product === null ? null : new OfferItem(new Pick($this->product, $quantity, $this->pickedVariant()));
    }

    /** Whether a variant was picked that the product hasn't, or has no longer. */
    public function hasStrayVariant(): bool
    {
        return $this->variant !== '' && $this->pickedVariant() === null;
    }

    private function pickedVariant(): ?Variant
    {
        return $this->product?->variant($this->variant);
    }
}
