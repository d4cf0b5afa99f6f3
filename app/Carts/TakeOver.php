<?php

declare(strict_types=1);

namespace App\Carts;

use App\Database\InTransaction;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Joined;
use App\Models\Shop;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Catalogue\Quantity;

/**
 * Copies what is in the cart of a widget into a cart of the shop's own, for whoever brings the ticket first.
 *
 * A line that was copied before comes again only with what has been added since. The cart of the shop is locked before
 * that of the widget, as everywhere.
 */
final readonly class TakeOver
{
    public function __construct(
        private VisitorCarts $carts,
        private NewCartLimit $limit,
        private InTransaction $inTransaction,
        private ConnectionInterface $db,
        private Clock $clock,
        private int $sameRequestSeconds,
    ) {}

    public static function digest(string $ticket): string
    {
        return hash('sha256', $ticket);
    }

    /**
     * @param  string  $from  keyed hash of who sends the request
     * @return TakenOver|null `null` where the ticket is none, is too old, or was used by somebody else
     *
     * @throws TooManyCarts
     */
    public function __invoke(Shop $shop, string $ticket, CartOwner $owner, Caller $caller, string $from): ?TakenOver
    {
        $used = fn (): ?TakenOver => $this->used($shop, $ticket, $owner, $from);
        // Whoever finds it taken between the two looks is, it may be, the same browser again.
        $taken = ($this->inTransaction)(fn (): ?TakenOver => $used() ?? $this->take($shop, $ticket, $owner, $caller, $from) ?? $used());
        if ($taken?->cart->wasRecentlyCreated === true) {
            $this->limit->count($caller);
        }

        return $taken;
    }

    /** By the same browser, it leads to the same cart again. */
    private function used(Shop $shop, string $ticket, CartOwner $owner, string $from): ?TakenOver
    {
        $used = $this->db->table('hand_overs')->where(['shop_id' => $shop->id, 'digest' => self::digest($ticket), 'used_by' => $owner->digest]);
        // Whoever brings no cookie is known by the ticket itself, while the first answer may not have arrived.
        $row = $owner->isNew
            ? $used->where('used_from', $from)->where('used_at', '>', $this->clock->now()->subSeconds($this->sameRequestSeconds))->first()
            : $used->first();
        $cart = $row === null ? null : Cart::query()->where('visitor', $owner->digest)->find($row->led_to);

        return $cart instanceof Cart ? new TakenOver($cart, $row?->onwards === 'pay') : null;
    }

    private function take(Shop $shop, string $ticket, CartOwner $owner, Caller $caller, string $from): ?TakenOver
    {
        $now = $this->clock->now();
        $open = fn () => $this->db->table('hand_overs')->where(['shop_id' => $shop->id, 'digest' => self::digest($ticket)])->whereNull('used_at')->where('expires_at', '>', $now);
        $row = $open()->first();
        if ($row === null) {
            return null;
        }
        $isAlone = (bool) $row->is_alone;
        $begun = $isAlone
            ? $this->carts->begun($shop->id, $owner, $caller, ['last_added_at' => $now->format(Cart::TIME), 'created_at' => $now->format(Cart::TIME)])
            : $this->carts->shared($shop->id, $owner, $caller, $now);
        $into = $begun->read();
        if ($open()->update(['used_at' => $now, 'used_by' => $owner->digest, 'used_from' => $from, 'led_to' => $into->id]) === 0) {
            // Somebody was faster: what was begun for this one is for nobody.
            if ($isAlone) {
                $into->delete();
            }

            return null;
        }
        $source = Cart::query()->whereKey($row->cart_id)->lockForUpdate()->first();
        if ($source !== null) {
            $this->copy($source, $into, is_string($row->host) ? $row->host : '', $now);
        }

        return new TakenOver($into, $row->onwards === 'pay');
    }

    private function copy(Cart $source, Cart $into, string $page, CarbonImmutable $now): void
    {
        $had = CartLine::query()->where('cart_id', $into->id)->without(['product', 'variant.picture'])->pluck('quantity', 'pick_key')->all();
        $pieces = [];
        foreach (CartLine::query()->where('cart_id', $source->id)->without(['product', 'variant.picture'])->orderBy('id')->get() as $line) {
            $there = $had[$line->pick_key] ?? 0;
            $new = $line->quantity - ($line->handed_to === $into->id ? $line->handed_pieces : 0);
            $pieces[$line->pick_key] = min($new, Quantity::LARGEST - (is_int($there) ? $there : 0));
        }
        $this->add($source, $into);
        $pieces = array_filter($pieces, static fn (int $count): bool => $count > 0);
        $into->update([
            'last_added_at' => $now,
            'second_step_at' => $into->wasRecentlyCreated ? null : $now,
            'back' => $into->back ?? $source->back,
            // What was said last counts: it is what the shopper has just seen taken off.
            'coupon_code' => $source->coupon_code ?? $into->coupon_code,
            // Whoever had nothing there is told nothing: it is all from that page.
            'joined' => $had === [] ? null : ($pieces === [] ? $into->joined : new Joined($page, $pieces)),
        ]);
    }

    /** What has been added since it was last copied there: all lines in one statement, and noted in another. */
    private function add(Cart $source, Cart $into): void
    {
        $this->db->insert(
            'INSERT INTO cart_lines (cart_id, product_id, variant_id, quantity, terms, amount_minor, placement_id, offer_id, label_id)
             SELECT ?, product_id, variant_id, quantity - IF(handed_to = ?, handed_pieces, 0), terms, amount_minor, placement_id, offer_id, label_id
             FROM cart_lines AS source WHERE source.cart_id = ? AND quantity > IF(handed_to = ?, handed_pieces, 0) ORDER BY source.id
             ON DUPLICATE KEY UPDATE quantity = LEAST(?, cart_lines.quantity + VALUES(quantity)), placement_id = VALUES(placement_id), offer_id = VALUES(offer_id), label_id = VALUES(label_id)',
            [$into->id, $into->id, $source->id, $into->id, Quantity::LARGEST],
        );
        $this->db->update('UPDATE cart_lines SET handed_to = ?, handed_pieces = quantity WHERE cart_id = ?', [$into->id, $source->id]);
    }
}
