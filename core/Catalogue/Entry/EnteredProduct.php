<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Event;
use PaperKite\Catalogue\ItemShipping;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ParcelAddress;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Weight;
use PaperKite\Money\Money;

/** A product’s form, read. */
final readonly class EnteredProduct
{
    /**
     * @param  list<Option>  $options
     * @param  list<EnteredVariant>  $variants
     * @param  list<EnteredTrait>  $traits
     * @param  list<string>  $categories
     */
    public function __construct(
        public string $name,
        public Sku $sku,
        public Price $price,
        public ?Money $cost,
        public string $taxClass,
        public ?Weight $weight,
        public ?ItemShipping $shipping,
        public ?Drawing $picture,
        /** Pieces on hand; `null` where they are not counted, or where variants count their own. */
        public ?int $stock,
        public bool $allowsBackOrder,
        public ?int $lowStock,
        public array $options,
        public array $variants,
        public array $traits,
        public array $categories,
        public ProductKind $kind,
        public AmountsEntry $amounts,
        /** Told to whoever has given; blank where nothing is. */
        public string $thanks,
        public ?Event $event,
        /** Whether the checkout asks who comes, a name for each seat. */
        public bool $asksAttendees,
        /** `null`: as is usual for its kind. */
        public ?ParcelAddress $parcelAddress,
    ) {}
}
