<?php

declare(strict_types=1);

namespace App\Finding;

use App\Changes\SomethingChanged;
use App\Changes\Subject;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;

/** A thing's own words are written with its change, in the same transaction; what others inherit of it follows in the queue. */
final readonly class WriteChanged
{
    public function __construct(private WriteWords $write) {}

    public function handle(SomethingChanged $it): void
    {
        if ($it->kind === Subject::Product) {
            $this->write->ofProducts(Product::query()->whereKey($it->subjectId)->get());
        }
        if ($it->kind === Subject::Offer) {
            $this->offer($it->shopId, $it->subjectId);
        } else {
            WriteInherited::dispatch($it->shopId, $it->kind, $it->subjectId);
        }
    }

    /** An offer becomes another state without being said anew. */
    public function ofState(Offer $offer): void
    {
        if ($offer->wasChanged('state')) {
            $this->offer($offer->shop_id, $offer->id);
        }
    }

    public function ofPlace(Placement $placement): void
    {
        if ($placement->wasRecentlyCreated || $placement->wasChanged('page')) {
            $this->offer($placement->shop_id, $placement->offer_id);
        }
    }

    private function offer(int $shop, int $offer): void
    {
        $this->write->ofOffers(Shop::query()->whereKey($shop)->firstOrFail(), [$offer]);
    }
}
