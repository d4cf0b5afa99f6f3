<?php

declare(strict_types=1);

namespace App\Results;

use PaperKite\Link\Device;
use PaperKite\Results\EventKind;

/** One thing that a shopper did: what, from where, with what, by which kind of device. No address, no fingerprint. */
final readonly class Event
{
    /** @var list<EventGoods> one of each product */
    public array $goods;

    /**
     * @param  string|null  $country  ISO 3166-1 alpha-2
     * @param  list<EventGoods>  $goods
     */
    public function __construct(
        public EventKind $kind,
        public CountedShop $shop,
        public Source $source,
        public ?string $country,
        public ?Device $device,
        array $goods = [],
        /** 0: none. */
        public int $marketplaceId = 0,
    ) {
        $merged = [];
        foreach ($goods as $each) {
            $earlier = $merged[$each->productId] ?? null;
            $merged[$each->productId] = $earlier === null ? $each : $earlier->and($each);
        }
        $this->goods = array_values($merged);
    }
}
