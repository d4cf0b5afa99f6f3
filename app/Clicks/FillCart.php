<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\AddLines;
use App\Carts\BegunCart;
use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\NewCartLimit;
use App\Carts\TooManyCarts;
use App\Carts\VisitorCarts;
use App\Database\InTransaction;
use App\Models\Cart;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\RecordEvent;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use LogicException;

/** Puts the goods of a click into a cart, once, and counts click and goods. Every way into a cart is this one. */
final readonly class FillCart
{
    public function __construct(
        private VisitorCarts $carts,
        private NewCartLimit $limit,
        private AddLines $addLines,
        private RecordEvent $record,
        private InTransaction $inTransaction,
        private ConnectionInterface $db,
        private Clock $clock,
        private int $sameClickSeconds,
    ) {}

    /**
     * @param  Event|null  $click  `null` where it has been counted
     *
     * @throws TooManyCarts
     */
    public function __invoke(CountedShop $shop, CartOwner $owner, Caller $caller, Filling $filling, ?Event $click): BegunCart
    {
        $cart = ($this->inTransaction)(function () use ($shop, $owner, $caller, $filling, $click): BegunCart {
            $now = $this->clock->now();
            $filled = match (true) {
                $filling->into !== null => $this->goOn($filling->into, $filling, $now),
                $filling->isAlone => $this->alone($shop->id, $owner, $caller, $filling, $now),
                default => $this->shared($shop->id, $owner, $caller, $filling, $now),
            };
            $add = $filled->isFilledNow ? Did::add($shop, $filling->source, $filling->goods, $caller) : null;
            ($this->record)(...array_filter([$click, $add], static fn (?Event $event): bool => $event !== null));

            return $filled->cart;
        });
        if ($cart->isNew) {
            $this->limit->count($caller);
        }

        return $cart;
    }

    private function shared(int $shopId, CartOwner $owner, Caller $caller, Filling $filling, CarbonImmutable $now): Filled
    {
        if ($owner->isNew) {
            return $this->begun($shopId, $owner, $caller, $filling, $now, ['shared_by' => $owner->digest]);
        }
        $cart = $this->carts->shared($shopId, $owner, $caller, $now);
        if ($filling->isOf($cart) && ($filling->isNamed || ($cart->lastAddedAt !== null && $cart->lastAddedAt > $this->sameClickSince($now)))) {
            return new Filled($cart, false);
        }

        return $this->filled($cart, $filling, $now);
    }

    private function alone(int $shopId, CartOwner $owner, Caller $caller, Filling $filling, CarbonImmutable $now): Filled
    {
        $earlier = $owner->isNew || ! $filling->isClick ? null : $this->sameClick($shopId, $owner, $filling, $now);
        if ($earlier !== null) {
            return new Filled($earlier, false);
        }

        return $this->begun($shopId, $owner, $caller, $filling, $now, []);
    }

    /**
     * @param  array<string, string>  $with  further columns
     *
     * @throws TooManyCarts
     */
    private function begun(int $shopId, CartOwner $owner, Caller $caller, Filling $filling, CarbonImmutable $now, array $with): Filled
    {
        $at = $now->format(Cart::TIME);
        $cart = $this->carts->begun($shopId, $owner, $caller, $with + ['last_placement_id' => $filling->source->placementId, 'last_take' => $filling->link, 'last_added_at' => $at, 'created_at' => $at] + $filling->said());
        $this->add($cart, $filling);

        return new Filled($cart, true);
    }

    /** A cart of its own that the same click has begun. */
    private function sameClick(int $shopId, CartOwner $owner, Filling $filling, CarbonImmutable $now): ?BegunCart
    {
        $since = $filling->isNamed ? '' : 'AND last_added_at > ?';
        $row = $this->db->selectOne(
            'SELECT id, ref, last_placement_id, last_take, last_added_at FROM carts WHERE shop_id = ? AND visitor = ? AND shared_by IS NULL AND last_placement_id <=> ? AND last_take <=> ? '
            // Two buttons of the shop's own are told apart by what they sell.
            ."AND EXISTS (SELECT 1 FROM cart_lines WHERE cart_lines.cart_id = carts.id AND pick_key = ?) {$since} LIMIT 1",
            [$shopId, $owner->digest, $filling->source->placementId, $filling->link, $filling->goods[0]->key(), ...($filling->isNamed ? [] : [$this->sameClickSince($now)])],
        );

        return is_object($row) ? BegunCart::of($row) : null;
    }

    private function goOn(Cart $cart, Filling $filling, CarbonImmutable $now): Filled
    {
        $row = $this->db->selectOne('SELECT id, ref, last_placement_id, last_take, last_added_at FROM carts WHERE id = ? FOR UPDATE', [$cart->id]);

        return $this->filled(is_object($row) ? BegunCart::of($row) : throw new LogicException('A cart that goods are put into does not go away.'), $filling, $now);
    }

    private function filled(BegunCart $cart, Filling $filling, CarbonImmutable $now): Filled
    {
        $this->add($cart, $filling);
        $at = $now->format(Cart::TIME);
        $this->db->table('carts')->where('id', $cart->id)->update([
            'last_placement_id' => $filling->source->placementId,
            'last_take' => $filling->link,
            'last_added_at' => $at,
            'second_step_at' => $cart->isNew ? null : $at,
        ] + $filling->said());

        return new Filled($cart, true);
    }

    private function add(BegunCart $cart, Filling $filling): void
    {
        ($this->addLines)($cart->id, $filling->goods, $filling->source->placementId, $filling->source->offerInDisplay(), $filling->source->labelId);
    }

    private function sameClickSince(CarbonImmutable $now): string
    {
        return $now->subSeconds($this->sameClickSeconds)->format(Cart::TIME);
    }
}
