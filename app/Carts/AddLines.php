<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Catalogue\Quantity;

/** Puts goods into a cart in one statement; what is there already becomes more, and is credited to where the shopper came from last. */
final readonly class AddLines
{
    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  non-empty-list<Goods>  $goods
     * @param  int|null  $placementId  that led here
     * @param  int|null  $offerId  of what was clicked, where the placement shows several
     * @param  int|null  $labelId  of the open link that was followed
     */
    public function __invoke(Cart $cart, array $goods, ?int $placementId, ?int $offerId, ?int $labelId): void
    {
        $rows = implode(', ', array_fill(0, count($goods), '(?, ?, ?, ?, ?, ?, ?, ?, ?)'));
        $bindings = array_merge(...array_map(
            static fn (Goods $each): array => [$cart->id, $each->product->id, $each->variant?->id, $each->quantity, $each->terms->kind->value, $each->terms->amount?->minor, $placementId, $offerId, $labelId],
            $goods,
        ));
        $this->db->insert(
            "INSERT INTO cart_lines (cart_id, product_id, variant_id, quantity, terms, amount_minor, placement_id, offer_id, label_id) VALUES {$rows} ON DUPLICATE KEY UPDATE quantity = LEAST(?, quantity + VALUES(quantity))"
            .($placementId === null && $labelId === null ? '' : ', placement_id = VALUES(placement_id), offer_id = VALUES(offer_id), label_id = VALUES(label_id)'),
            [...$bindings, Quantity::LARGEST],
        );
    }
}
