<?php

declare(strict_types=1);

namespace App\OpenLinks;

/** Where a click on an open link leads. */
final readonly class OpenLinkEnd
{
    public function __construct(
        /** A path of the shop, or an address that the shop allows. */
        public string $address,
        /** Whether the visitor has a cart now, and so is to be known again. */
        public bool $hasCart,
    ) {}
}
