<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\PickKey;
use PaperKite\Catalogue\Terms;

/** Goods as a line of a cart has them. */
final readonly class AddedGoods
{
    public function __construct(
        public int $productId,
        public ?int $variantId,
        public int $quantity,
        public Terms $terms,
    ) {}

    /** As `cart_lines.pick_key` has it: what has the same is one line. */
    public function key(): string
    {
        return PickKey::of($this->productId, $this->variantId, $this->terms->kind->value, $this->terms->amount?->minor);
    }
}
