<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\Goods;
use App\Models\PartnerAddress;
use App\Models\Shop;
use App\Results\Event;
use App\Results\EventGoods;
use App\Results\Source;
use PaperKite\Results\EventKind;

/** What a caller did, as results count it. */
final class Did
{
    public static function view(Shop $shop, Source $source, ?int $productId, Caller $caller): Event
    {
        return new Event(EventKind::View, $shop, $source, $caller->country(), $caller->device, $productId === null ? [] : [new EventGoods($productId)]);
    }

    public static function click(Shop $shop, Source $source, Caller $caller): Event
    {
        return new Event(EventKind::Click, $shop, $source, $caller->country(), $caller->device);
    }

    public static function lead(Shop $shop, Source $source, PartnerAddress $address, Caller $caller): Event
    {
        return new Event(EventKind::Lead, $shop, $source, $caller->country(), $caller->device, [new EventGoods($address->product_id)], $address->marketplace_id);
    }

    /** @param  list<Goods>  $goods */
    public static function add(Shop $shop, Source $source, array $goods, Caller $caller): Event
    {
        $added = array_map(static fn (Goods $each): EventGoods => new EventGoods($each->product->id, $each->quantity), $goods);

        return new Event(EventKind::Add, $shop, $source, $caller->country(), $caller->device, $added);
    }
}
