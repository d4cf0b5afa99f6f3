<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\FrozenGift;

/** A line of a cart, said: what stands in its row, in the shop's words. */
final readonly class CartRow
{
    /**
     * @param  array<string, string>  $choices  by the name of the option
     * @param  list<string>  $attendees  a name for each seat, blank where none is typed; none where nobody is asked
     * @param  list<FrozenGift>  $gifts  for whom each of them is, as typed, where they are gift cards
     */
    public function __construct(
        public int $id,
        public string $sku,
        public string $product,
        /** With its choices, for those who only hear it. */
        public string $name,
        public array $choices,
        /** Blank where it takes place at no time. */
        public string $when,
        public string $picture,
        public int $quantity,
        /** Whether it is an amount, of which there is one. */
        public bool $isAmount,
        /** Of one piece; blank where the cart can't be reckoned. */
        public string $price,
        /** Without the sale; blank where there is none. */
        public string $regularPrice,
        /** Why a piece costs what it costs; `null` where there is nothing to say. */
        public ?string $because,
        /** Blank where the cart can't be reckoned. */
        public string $subtotal,
        /** Why it can't be sold as it stands, and what to do; `null` where it can. */
        public ?string $obstacle,
        /** What has changed since the shopper last looked; `null` where nothing has. */
        public ?string $notice,
        public array $attendees,
        public array $gifts,
    ) {}
}
