<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Models\Shop;
use App\Results\CountedShop;
use App\Results\RecordEvent;
use App\Results\Source;

/** Counts that a page with a button to buy was opened; opened twice within seconds, it counts once. */
final readonly class CountView
{
    public function __construct(
        private RecentClicks $recent,
        private RecordEvent $record,
    ) {}

    /** @param  int|null  $productId  `null` where it shows several */
    public function __invoke(Shop $shop, Source $source, ?int $productId, CartOwner $owner, Caller $caller): void
    {
        if ($this->recent->isFirst("view {$shop->id}|{$source->placementId}|{$productId}", $owner, $caller)) {
            ($this->record)(Did::view(CountedShop::of($shop), $source, $productId, $caller));
        }
    }
}
