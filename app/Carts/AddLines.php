<?php

declare(strict_types=1);

namespace App\Carts;

use App\Database\Rows;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Catalogue\Quantity;

/** Puts goods into a cart in one statement; what is there already becomes more, and is credited to where the shopper came from last. */
final readonly class AddLines
{
    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  non-empty-list<AddedGoods>  $goods
     * @param  int|null  $placementId  that led here
     * @param  int|null  $offerId  of what was clicked, where the placement shows several
     * @param  int|null  $labelId  of the open link that was followed
     */
    public function __invoke(int $cartId, array $goods, ?int $placementId, ?int $offerId, ?int $labelId): void
    {
        $credit = ['placement_id' => $placementId, 'offer_id' => $offerId, 'label_id' => $labelId];
        Rows::insert(
            $this->db,
            'cart_lines',
            array_map(static fn (AddedGoods $each): array => ['cart_id' => $cartId, 'product_id' => $each->productId, 'variant_id' => $each->variantId, 'quantity' => $each->quantity, 'terms' => $each->terms->kind->value, 'amount_minor' => $each->terms->amount?->minor] + $credit, $goods),
            'quantity = LEAST(?, quantity + VALUES(quantity))'.($placementId === null && $labelId === null ? '' : ', placement_id = VALUES(placement_id), offer_id = VALUES(offer_id), label_id = VALUES(label_id)'),
            [Quantity::LARGEST],
        );
    }
}
