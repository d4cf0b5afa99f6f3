<?php

declare(strict_types=1);

namespace App\Carts;

use App\Database\Rows;
use App\Text\Secrets;
use Carbon\CarbonImmutable;
use Illuminate\Database\Connection;
use LogicException;

/** Makes carts: the shopper's one shared cart, or a cart of its own. Runs inside a transaction. */
final readonly class VisitorCarts
{
    public function __construct(
        private NewCartLimit $limit,
        private Connection $db,
    ) {}

    /**
     * @return BegunCart locked until the transaction ends
     *
     * @throws TooManyCarts
     */
    public function shared(int $shopId, CartOwner $owner, Caller $caller, CarbonImmutable $now): BegunCart
    {
        $ref = Secrets::ref();
        // One statement makes the cart or finds it, and locks it: two clicks at once take turns here.
        $this->db->insert(
            'INSERT INTO carts (shop_id, ref, visitor, shared_by, created_at) VALUES (?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE id = id',
            [$shopId, $ref, $owner->digest, $owner->digest, $now],
        );
        $row = $this->db->selectOne('SELECT id, ref, last_placement_id, last_take, last_added_at FROM carts WHERE shop_id = ? AND shared_by = ?', [$shopId, $owner->digest]);
        $cart = is_object($row) ? BegunCart::of($row) : throw new LogicException('A cart is there that was made or found.');
        if ($cart->ref !== $ref) {
            return $cart;
        }
        $this->limit->check($caller);

        return new BegunCart($cart->id, $ref, true);
    }

    /**
     * One of its own, or the shared one of somebody who can't have one yet.
     *
     * @param  array<string, int|string|null>  $with  how it was begun, by column
     *
     * @throws TooManyCarts
     */
    public function begun(int $shopId, CartOwner $owner, Caller $caller, array $with): BegunCart
    {
        $this->limit->check($caller);
        $ref = Secrets::ref();

        Rows::insert($this->db, 'carts', [['shop_id' => $shopId, 'ref' => $ref, 'visitor' => $owner->digest] + $with]);

        return new BegunCart((int) $this->db->getPdo()->lastInsertId(), $ref, true);
    }
}
