<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Look\Look;
use PaperKite\Money\Money;

/** An offer in one place, as far as a medium may tell it: never who is paid, never a key. */
final readonly class Placed
{
    /** @param  non-empty-list<PlacedGoods>|array{}  $goods  none: the shopper's cart as it is */
    public function __construct(
        public string $url,
        public string $caption,
        public Look $look,
        public bool $opensNewTab,
        /** The shop's own origin, for pictures. */
        public string $base,
        public array $goods,
        /** What all of it costs, without shipping; `null` where it can't be told, or the shopper says how much. For media that are about the price. */
        public ?Money $price,
        public bool $isAvailable,
        /** `null` where it is sold here. */
        public ?PartnerNote $partner = null,
        /** Brought along by a pasted button; `null`: nothing is. */
        public ?CopiedSheet $sheet = null,
        /** What stands beside the price, such as that tax comes on top; blank: nothing. */
        public string $priceNote = '',
    ) {}
}
