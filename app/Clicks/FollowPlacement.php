<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\AddToCart;
use App\Carts\Goods;
use App\Carts\TooManyCarts;
use App\Carts\Visitor;
use App\Models\Cart;
use App\Models\Placement;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;

/** What a click on a live offer does: counts once, adds once, and leads on. */
final readonly class FollowPlacement
{
    public function __construct(
        private RecentClicks $recent,
        private RecordClick $record,
        private AddToCart $add,
    ) {}

    /**
     * @return string the path that the shopper goes on to; it carries no instruction to add
     *
     * @throws TooManyCarts
     */
    public function __invoke(Placement $placement, Visitor $visitor, Request $request): string
    {
        $isFirst = $this->recent->isFirst("placement {$placement->id}", $request, $visitor->isNew ? null : $visitor->digest());
        if (! $placement->offer->addsAtOnce()) {
            $this->count($placement, $request, $isFirst);

            return '/p/'.rawurlencode($placement->offer->product->sku).'?'.http_build_query(['quantity' => $placement->offer->quantity, 'k' => $placement->code]);
        }
        $cart = DB::transaction(function () use ($placement, $visitor, $request, $isFirst): Cart {
            $cart = $this->takesAlone($placement)
                ? $this->add->alone($placement, $visitor, $request)
                : $this->add->toShared($placement->shop, $visitor, new Goods($placement->offer->product, null, $placement->offer->quantity), $placement, $request);
            $this->count($placement, $request, $isFirst);

            return $cart;
        }, 3);

        return $placement->offer->destination === Destination::Pay ? "/checkout/{$cart->ref}" : '/cart';
    }

    /** A click on an offer that is paused or sold out is a click all the same. */
    public function countOnly(Placement $placement, Visitor $visitor, Request $request): void
    {
        $this->count($placement, $request, $this->recent->isFirst("placement {$placement->id}", $request, $visitor->isNew ? null : $visitor->digest()));
    }

    private function count(Placement $placement, Request $request, bool $isFirst): void
    {
        if ($isFirst) {
            ($this->record)($placement, $request);
        }
    }

    private function takesAlone(Placement $placement): bool
    {
        return $placement->offer->destination === Destination::Pay && $placement->offer->cart_use === CartUse::JustThis;
    }
}
