<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use PaperKite\Catalogue\Event;
use PaperKite\Catalogue\Sku;
use PaperKite\Money\Money;

/** A row of the table of variants, read. */
final readonly class EnteredVariant
{
    /** @param  list<string>  $choices */
    public function __construct(
        public array $choices,
        public Sku $sku,
        /** `null`: as its choices or its product say. */
        public ?Money $price,
        /** `null`: not counted. */
        public ?int $stock,
        public ?int $weightGrams,
        public ?int $pictureId,
        public bool $isPreselected,
        /** `null`: as its product says. */
        public ?Event $event,
    ) {}
}
