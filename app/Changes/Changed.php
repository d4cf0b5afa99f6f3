<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Look;
use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Connection;

/**
 * The one place that hears of a change. Called in the transaction that makes it; what follows from it is done by the
 * queue once that transaction stands, so that a seller's save holds no locks while copies are looked through. The
 * shop's revision goes up with it: the key of whatever is kept of a shop outside the database.
 */
final readonly class Changed
{
    public function __construct(
        private Connection $db,
        private Dispatcher $events,
        private Marks $marks,
    ) {}

    public function product(Product $product): void
    {
        $this->note($product->shop_id, Subject::Product, $product->id);
    }

    public function offer(Offer $offer): void
    {
        $this->note($offer->shop_id, Subject::Offer, $offer->id);
    }

    public function look(Look $look): void
    {
        $this->note($look->shop_id, Subject::Look, $look->id);
    }

    public function shop(Shop $shop): void
    {
        $this->note($shop->id, Subject::Shop, $shop->id);
    }

    private function note(int $shopId, Subject $kind, int $id): void
    {
        $this->db->insert('INSERT INTO rechecks (shop_id, kind, subject_id) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE changes = changes + 1', [$shopId, $kind->value, $id]);
        $this->events->dispatch(new SomethingChanged($shopId, $kind, $id));
        // Last, and seen with the change itself: a server that is killed after it loses neither, and whoever reads the one can read the other.
        $this->db->insert('INSERT INTO shop_revisions (shop_id, revision) VALUES (?, 1) ON DUPLICATE KEY UPDATE revision = revision + 1', [$shopId]);
        $this->mark($shopId);
    }

    /** Whoever has kept what a click on one of the shop's links leads to asks anew, once the change is committed. */
    public function mark(int $shopId): void
    {
        $this->db->afterCommit(fn () => $this->marks->set($shopId));
    }
}
