<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** Countries to which shipping costs the same. */
final readonly class ShippingZone
{
    /** Stands for every country that no other zone names. */
    public const ANYWHERE = '*';

    /** @param  list<string>  $countries  ISO 3166-1 alpha-2, or ANYWHERE */
    public function __construct(
        public string $name,
        public array $countries,
        public ?Money $freeFrom = null,
        public ?ShippingTable $table = null,
    ) {}
}
