<?php

declare(strict_types=1);

namespace App\Providers;

use App\Changes\Changed;
use App\Changes\SomethingChanged;
use App\Finding\WriteChanged;
use App\Models\Coupon;
use App\Models\Look;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shelf;
use App\Models\Shop;
use App\Offers\RecheckChanged;
use App\Partners\NoteCopied;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

/** What follows when something of a shop has changed: its words, its copies, and what is kept of its answers. */
final class ChangeServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(SomethingChanged::class, WriteChanged::class);
        Event::listen(SomethingChanged::class, NoteCopied::class);
        Offer::updated(static fn (Offer $offer) => app(WriteChanged::class)->ofState($offer));
        Placement::saved(static fn (Placement $placement) => app(WriteChanged::class)->ofPlace($placement));
        PriceTable::saved(static fn (PriceTable $table) => app(WriteChanged::class)->ofTable($table));
        Shelf::saved(static fn (Shelf $shelf) => app(WriteChanged::class)->ofShelf($shelf));
        Look::saved(static fn (Look $look) => app(WriteChanged::class)->ofLook($look));
        Coupon::saved(static fn (Coupon $coupon) => app(WriteChanged::class)->ofCoupon($coupon));
        Order::updated(static fn (Order $order) => app(WriteChanged::class)->ofOrder($order));
        foreach ([Shop::class, Offer::class, Placement::class] as $model) {
            $model::saved(static fn (Shop|Offer|Placement $saved) => app(Changed::class)->mark($saved instanceof Shop ? $saved->id : $saved->shop_id));
        }
        Event::listen(SomethingChanged::class, static fn (SomethingChanged $it) => RecheckChanged::dispatch($it->shopId, $it->kind, $it->subjectId));
    }
}
