<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Link\Device;

/** What is kept of a click: offer, placement or label, country and kind of device. No address, no fingerprint. */
final readonly class Click
{
    private function __construct(
        public int $shopId,
        public ?int $offerId,
        public ?int $placementId,
        /** Of an open link, which has no offer. */
        public ?string $label,
        public ?string $country,
        public Device $device,
    ) {}

    public static function onPlacement(Placement $placement, Caller $caller): self
    {
        return new self($placement->shop_id, $placement->offer_id, $placement->id, null, $caller->country(), $caller->device);
    }

    /** @param  string|null  $label  what the link says for the results */
    public static function onOpenLink(Shop $shop, ?string $label, Caller $caller): self
    {
        return new self($shop->id, null, null, $label, $caller->country(), $caller->device);
    }
}
