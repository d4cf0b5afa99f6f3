<?php

declare(strict_types=1);

namespace App\OpenLinks;

use App\Carts\Goods;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\FindGoods;
use App\Shopfront\GivenAmount;
use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Terms;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;

/** Finds the goods of an open link by their SKUs, however many they are in the same few reads. */
final readonly class FindOpenLinkGoods
{
    public function __construct(private FindGoods $find) {}

    /** @throws InvalidOpenLink at an item that the shop does not sell like this, or at a return address that it has not listed */
    public function __invoke(Shop $shop, OpenLink $link): OpenLinkGoods
    {
        if ($link->back !== null && ! $shop->checkout_rules->allows($link->back)) {
            throw InvalidOpenLink::back($link->back);
        }
        $found = $this->find->bySkus($shop, array_map(static fn (OpenItem $item): string => $item->sku, $link->items));
        $ready = $toChoose = $soldOut = [];
        foreach ($link->items as $item) {
            $goods = $this->goods($item, $found[$item->sku] ?? null, $shop);
            if ($goods->product->kind->isElsewhere()) {
                return $this->partners($link, $item, $goods->product);
            }
            if ($goods->isToBeChosen()) {
                $toChoose[] = $item;
            } elseif ($goods->availability() !== Availability::ForSale) {
                $soldOut[] = $item;
            } else {
                $ready[] = $goods;
            }
        }

        return new OpenLinkGoods($ready, $toChoose, $soldOut);
    }

    /** @throws InvalidOpenLink where it is named with others */
    private function partners(OpenLink $link, OpenItem $item, Product $product): OpenLinkGoods
    {
        if (count($link->items) !== 1 || $item->quantity !== 1) {
            throw InvalidOpenLink::elsewhere($item->text(), $product->name);
        }

        return new OpenLinkGoods([], [], [], $product->load(['addresses.marketplace.partner', 'addresses.marketplace.hosts']));
    }

    /** @throws InvalidOpenLink */
    private function terms(OpenItem $item, Product $product, Shop $shop): Terms
    {
        if ($item->amount === null) {
            return Terms::once();
        }
        if (! $product->kind->isMoneyItself()) {
            throw InvalidOpenLink::noAmount($item->text());
        }
        $given = GivenAmount::read($product, $item->amount, '', $shop->wording());

        return $given->error === null ? $given->terms : throw InvalidOpenLink::amount($item->text(), $given->error);
    }

    /** @throws InvalidOpenLink */
    private function goods(OpenItem $item, ?Goods $found, Shop $shop): Goods
    {
        if ($found === null) {
            throw InvalidOpenLink::unknown($item->text());
        }
        if ($item->plan !== null) {
            throw InvalidOpenLink::noPlan($item->text());
        }

        return new Goods($found->product, $found->variant, $item->quantity, $this->terms($item, $found->product, $shop));
    }
}
