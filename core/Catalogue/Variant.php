<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;

/** A product with every option chosen. */
final readonly class Variant
{
    /** @param  list<string>  $choices  the name of one choice per option, in their order */
    public function __construct(
        public Sku $sku,
        public array $choices,
        /** `null`: as its choices or its product say. */
        public ?Price $price = null,
        public ?Money $cost = null,
        public ?int $weightGrams = null,
        public ?Stock $stock = null,
        /** `null`: as its product says. */
        public ?Event $event = null,
    ) {}
}
