<?php

declare(strict_types=1);

namespace App\Finding;

use App\Changes\SomethingChanged;
use App\Changes\Subject;
use App\Models\Coupon;
use App\Models\Look;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shelf;
use App\Models\Shop;

/** A thing's own words are written with its change, in the same transaction; what others inherit of it follows in the queue. */
final readonly class WriteChanged
{
    public function __construct(private WriteWords $write) {}

    public function handle(SomethingChanged $it): void
    {
        $own = match ($it->kind) {
            Subject::Product => Kind::Product,
            Subject::Offer => Kind::Offer,
            Subject::Look => Kind::Look,
            Subject::Shop => null,
        };
        if ($own !== null) {
            $this->write($own, $it->shopId, $it->subjectId);
        }
        if ($own === Kind::Product) {
            $this->write(Kind::Goods, $it->shopId, $it->subjectId);
        }
        if ($it->kind !== Subject::Offer) {
            WriteInherited::dispatch($it->shopId, $it->kind, $it->subjectId);
        }
    }

    /** An offer becomes another state without being said anew. */
    public function ofState(Offer $offer): void
    {
        if ($offer->wasChanged('state')) {
            $this->write(Kind::Offer, $offer->shop_id, $offer->id);
        }
    }

    /** A place is told of with its offer. */
    public function ofPlace(Placement $placement): void
    {
        if ($placement->wasRecentlyCreated || $placement->wasChanged(['page', 'medium', 'caption', 'paused_at', 'price_table_id', 'deleted_at'])) {
            $this->write(Kind::Offer, $placement->shop_id, $placement->offer_id);
        }
    }

    public function ofTable(PriceTable $table): void
    {
        if ($table->wasRecentlyCreated || $table->wasChanged(['name', 'put_away_at', 'deleted_at'])) {
            $this->write(Kind::PriceTable, $table->shop_id, $table->id);
        }
    }

    public function ofShelf(Shelf $shelf): void
    {
        $this->write(Kind::Shelf, $shelf->shop_id, $shelf->id);
    }

    public function ofLook(Look $look): void
    {
        if ($look->wasRecentlyCreated || $look->wasChanged(['name', 'put_away_at', 'deleted_at'])) {
            $this->write(Kind::Look, $look->shop_id, $look->id);
        }
    }

    public function ofCoupon(Coupon $coupon): void
    {
        $this->write(Kind::Coupon, $coupon->shop_id, $coupon->id);
    }

    public function ofOrder(Order $order): void
    {
        if ($order->wasChanged(['goods_state', 'money_state'])) {
            $this->write(Kind::Order, $order->shop_id, $order->id);
        }
    }

    private function write(Kind $kind, int $shop, int $id): void
    {
        $this->write->of($kind, Shop::query()->whereKey($shop)->firstOrFail(), [$id]);
    }
}
