<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\AddedGoods;
use App\Carts\Caller;
use App\Models\PartnerAddress;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\EventGoods;
use App\Results\Source;
use PaperKite\Results\EventKind;

/** What a caller did, as results count it. */
final class Did
{
    public static function view(CountedShop $shop, Source $source, ?int $productId, Caller $caller): Event
    {
        return new Event(EventKind::View, $shop, $source, $caller->country, $caller->device(), $productId === null ? [] : [new EventGoods($productId)]);
    }

    public static function click(CountedShop $shop, Source $source, Caller $caller): Event
    {
        return new Event(EventKind::Click, $shop, $source, $caller->country, $caller->device());
    }

    public static function lead(CountedShop $shop, Source $source, PartnerAddress $address, Caller $caller): Event
    {
        return new Event(EventKind::Lead, $shop, $source, $caller->country, $caller->device(), [new EventGoods($address->product_id)], $address->marketplace_id);
    }

    /** @param  list<AddedGoods>  $goods */
    public static function add(CountedShop $shop, Source $source, array $goods, Caller $caller): Event
    {
        $added = array_map(static fn (AddedGoods $each): EventGoods => new EventGoods($each->productId, $each->quantity), $goods);

        return new Event(EventKind::Add, $shop, $source, $caller->country, $caller->device(), $added);
    }
}
