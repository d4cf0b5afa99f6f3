<?php

declare(strict_types=1);

namespace App\OpenLinks;

use App\Carts\Goods;
use App\Models\Product;
use PaperKite\Link\OpenItem;

/** What an open link names, found in the shop. */
final readonly class OpenLinkGoods
{
    /**
     * @param  list<Goods>  $ready  that can go into a cart as they are
     * @param  list<OpenItem>  $toChoose  of which the shopper has still to say which variant
     * @param  list<OpenItem>  $soldOut
     */
    public function __construct(
        public array $ready,
        public array $toChoose,
        public array $soldOut,
        /** What a partner sells, where the link names nothing else. */
        public ?Product $partner = null,
    ) {}
}
