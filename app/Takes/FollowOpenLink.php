<?php

declare(strict_types=1);

namespace App\Takes;

use App\Carts\AddLines;
use App\Carts\Goods;
use App\Carts\TooManyCarts;
use App\Carts\Visitor;
use App\Carts\VisitorCarts;
use App\Clicks\RecentClicks;
use App\Clicks\RecordClick;
use App\Models\Cart;
use App\Models\Shop;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;

/** What a click on an open link does: counts once, adds once, and leads on. */
final readonly class FollowOpenLink
{
    public function __construct(
        private VisitorCarts $carts,
        private AddLines $addLines,
        private RecentClicks $recent,
        private RecordClick $record,
        private int $sameClickSeconds,
    ) {}

    /**
     * @param  string  $digest  SHA-256 of the link as it was followed
     * @return OpenedWay where the shopper goes on to; the address carries no instruction to add
     *
     * @throws TooManyCarts
     */
    public function __invoke(Shop $shop, OpenLink $link, TakenGoods $taken, string $digest, Visitor $visitor, Request $request): OpenedWay
    {
        $to = $link->to ?? $shop->take_to;
        if ($to === OpenDestination::Choose) {
            $this->count($shop, $link, $digest, $visitor, $request);

            return new OpenedWay($this->choice($link->items), false);
        }
        $ready = $taken->ready;
        if ($ready === []) {
            $this->count($shop, $link, $digest, $visitor, $request);

            return new OpenedWay($this->choice($taken->toChoose), false);
        }
        $isAlone = $to === OpenDestination::Pay && $taken->toChoose === [];
        $cart = DB::transaction(function () use ($shop, $link, $ready, $digest, $visitor, $request, $isAlone): Cart {
            $cart = $isAlone ? $this->alone($shop, $link, $ready, $digest, $visitor, $request) : $this->shared($shop, $link, $ready, $digest, $visitor, $request);
            $this->count($shop, $link, $digest, $visitor, $request);

            return $cart;
        }, 3);

        return new OpenedWay(match (true) {
            $taken->toChoose !== [] => $this->choice($taken->toChoose),
            $isAlone => $shop->checkoutPath($cart->ref),
            $to === OpenDestination::Stay => $link->back ?? '/?after=added',
            default => '/cart',
        }, true);
    }

    /** @param  non-empty-list<Goods>  $goods */
    private function shared(Shop $shop, OpenLink $link, array $goods, string $digest, Visitor $visitor, Request $request): Cart
    {
        $cart = $this->carts->shared($shop, $visitor, $request);
        if (! ($cart->last_take === $digest && $cart->last_added_at?->greaterThan(now()->subSeconds($this->sameClickSeconds)) === true)) {
            ($this->addLines)($cart, $goods, null);
            $cart->update(['last_take' => $digest, 'last_placement_id' => null, 'last_added_at' => now(), 'second_step_at' => $cart->wasRecentlyCreated ? null : now()] + $this->said($link));
        }

        return $cart;
    }

    /** @param  non-empty-list<Goods>  $goods */
    private function alone(Shop $shop, OpenLink $link, array $goods, string $digest, Visitor $visitor, Request $request): Cart
    {
        $earlier = $visitor->isNew ? null : Cart::query()
            ->where(['shop_id' => $shop->id, 'visitor' => $visitor->digest(), 'last_take' => $digest])
            ->whereNull('shared_by')
            ->where('last_added_at', '>', now()->subSeconds($this->sameClickSeconds))
            ->whereHas('lines')
            ->first();
        if ($earlier !== null) {
            return $earlier;
        }
        $cart = $this->carts->alone($shop, $visitor, $request, ['last_take' => $digest, 'last_added_at' => now()] + $this->said($link));
        ($this->addLines)($cart, $goods, null);

        return $cart;
    }

    /** @return array<string, string> what the link says about the cart */
    private function said(OpenLink $link): array
    {
        return array_filter(['coupon_code' => $link->coupon, 'back' => $link->back], static fn (?string $value): bool => $value !== null);
    }

    /**
     * To the page of the first of them; the others follow once it is in the cart.
     *
     * @param  list<OpenItem>  $items
     */
    private function choice(array $items): string
    {
        $first = $items[0] ?? throw new \LogicException('There is nothing to choose.');
        $rest = implode(',', array_map(static fn (OpenItem $item): string => $item->text(), array_slice($items, 1)));

        return '/p/'.rawurlencode($first->sku).'?'.http_build_query(['quantity' => $first->quantity] + ($rest === '' ? [] : ['rest' => $rest]));
    }

    private function count(Shop $shop, OpenLink $link, string $digest, Visitor $visitor, Request $request): void
    {
        if ($this->recent->isFirst("take {$digest}", $request, $visitor->isNew ? null : $visitor->digest())) {
            $this->record->ofOpenLink($shop, $link->from, $request);
        }
    }
}
