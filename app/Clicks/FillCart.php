<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\AddLines;
use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\NewCartLimit;
use App\Carts\TooManyCarts;
use App\Carts\VisitorCarts;
use App\Database\InTransaction;
use App\Models\Cart;
use App\Models\Shop;
use App\Results\Event;
use App\Results\RecordEvent;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** Puts the goods of a click into a cart, once, and counts click and goods. Every way into a cart is this one. */
final readonly class FillCart
{
    public function __construct(
        private VisitorCarts $carts,
        private NewCartLimit $limit,
        private AddLines $addLines,
        private RecordEvent $record,
        private InTransaction $inTransaction,
        private Clock $clock,
        private int $sameClickSeconds,
    ) {}

    /**
     * @param  Event|null  $click  `null` where it has been counted
     *
     * @throws TooManyCarts
     */
    public function __invoke(Shop $shop, CartOwner $owner, Caller $caller, Filling $filling, ?Event $click): Cart
    {
        $cart = ($this->inTransaction)(function () use ($shop, $owner, $caller, $filling, $click): Cart {
            $now = $this->clock->now();
            $filled = match (true) {
                $filling->into !== null => $this->goOn($filling->into, $filling, $now),
                $filling->isAlone => $this->alone($shop, $owner, $caller, $filling, $now),
                default => $this->shared($shop, $owner, $caller, $filling, $now),
            };
            $add = $filled->isFilledNow ? Did::add($shop, $filling->source, $filling->goods, $caller) : null;
            ($this->record)(...array_filter([$click, $add], static fn (?Event $event): bool => $event !== null));

            return $filled->cart;
        });
        if ($cart->wasRecentlyCreated) {
            $this->limit->count($caller);
        }

        return $cart;
    }

    private function shared(Shop $shop, CartOwner $owner, Caller $caller, Filling $filling, CarbonImmutable $now): Filled
    {
        $cart = $this->carts->shared($shop, $owner, $caller, $now);
        if ($filling->isOf($cart) && ($filling->isNamed || $cart->last_added_at?->greaterThan($this->sameClickSince($now)) === true)) {
            return new Filled($cart, false);
        }

        return $this->filled($cart, $filling, $now);
    }

    private function alone(Shop $shop, CartOwner $owner, Caller $caller, Filling $filling, CarbonImmutable $now): Filled
    {
        $first = $filling->goods[0];
        $earlier = $owner->isNew || ! $filling->isClick ? null : Cart::query()
            ->where(['shop_id' => $shop->id, 'visitor' => $owner->digest, 'last_placement_id' => $filling->source->placementId, 'last_take' => $filling->link])
            ->whereNull('shared_by')
            ->when(! $filling->isNamed, fn (Builder $recent) => $recent->where('last_added_at', '>', $this->sameClickSince($now)))
            // Two buttons of the shop's own are told apart by what they sell.
            ->whereHas('lines', static fn (Builder $lines) => $lines->where('pick_key', $first->key()))
            ->first();
        if ($earlier !== null) {
            return new Filled($earlier, false);
        }
        $cart = $this->carts->alone($shop, $owner, $caller, ['last_placement_id' => $filling->source->placementId, 'last_take' => $filling->link, 'last_added_at' => $now, 'created_at' => $now] + $filling->said());
        ($this->addLines)($cart, $filling->goods, $filling->source->placementId, $filling->source->offerInDisplay(), $filling->source->labelId);

        return new Filled($cart, true);
    }

    private function goOn(Cart $cart, Filling $filling, CarbonImmutable $now): Filled
    {
        return $this->filled(Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail(), $filling, $now);
    }

    private function filled(Cart $cart, Filling $filling, CarbonImmutable $now): Filled
    {
        ($this->addLines)($cart, $filling->goods, $filling->source->placementId, $filling->source->offerInDisplay(), $filling->source->labelId);
        $cart->update([
            'last_placement_id' => $filling->source->placementId,
            'last_take' => $filling->link,
            'last_added_at' => $now,
            'second_step_at' => $cart->wasRecentlyCreated ? null : $now,
        ] + $filling->said());

        return new Filled($cart, true);
    }

    private function sameClickSince(CarbonImmutable $now): CarbonImmutable
    {
        return $now->subSeconds($this->sameClickSeconds);
    }
}
