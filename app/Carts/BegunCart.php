<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;

/** A cart that goods are put into, as far as that needs to know it. */
final readonly class BegunCart
{
    public function __construct(
        public int $id,
        public string $ref,
        /** Whether nothing has been in it yet. */
        public bool $isNew,
        public ?int $lastPlacementId = null,
        public ?string $lastTake = null,
        /** In UTC, as the column has it. */
        public ?string $lastAddedAt = null,
    ) {}

    /** @param  object  $row  of `carts` */
    public static function of(object $row): self
    {
        /** @var object{id: int, ref: string, last_placement_id: int|null, last_take: string|null, last_added_at: string|null} $row */
        return new self($row->id, $row->ref, false, $row->last_placement_id, $row->last_take, $row->last_added_at);
    }

    /** @return Cart with all that is known of it */
    public function read(): Cart
    {
        $cart = Cart::query()->findOrFail($this->id);
        $cart->wasRecentlyCreated = $this->isNew;

        return $cart;
    }
}
