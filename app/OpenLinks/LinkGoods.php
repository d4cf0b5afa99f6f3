<?php

declare(strict_types=1);

namespace App\OpenLinks;

use App\Carts\Goods;
use App\Models\Shop;
use App\Models\Variant;
use App\Shopfront\FindGoods;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Catalogue\Availability;
use PaperKite\Text\FormInput;

/** What each item of a link that is being written names, whatever is wrong with the rest. */
final readonly class LinkGoods
{
    public function __construct(private FindGoods $find) {}

    /**
     * @param  list<FormInput>  $items  as typed
     * @return list<Goods|null> as many pieces as are typed, with the product's variants; `null` where nothing that is for sale has the SKU
     */
    public function __invoke(Shop $shop, array $items): array
    {
        $found = $this->find->bySkus($shop, array_map(static fn (FormInput $item): string => $item->text('sku'), $items));
        (new Collection(array_map(static fn (Goods $goods) => $goods->product, array_values($found))))->unique()->load('variants');

        return array_map(static function (FormInput $item) use ($found): ?Goods {
            $goods = $found[$item->text('sku')] ?? null;

            return $goods === null ? null : new Goods($goods->product, $goods->variant, max(1, (int) $item->text('quantity')));
        }, $items);
    }

    /** @return string why it can't be had as it is, in a sentence; blank where it can, or is still to be chosen */
    public static function caution(Goods $goods): string
    {
        if ($goods->product->kind->isElsewhere()) {
            return '';
        }
        if ($goods->product->has_variants && $goods->variant === null) {
            return $goods->product->variants->every(static fn (Variant $variant): bool => ! $goods->product->stockFor($variant)->covers(1)) ? 'All its variants are sold out: whoever follows the link reads that.' : '';
        }

        return match ($goods->availability()) {
            Availability::SoldOut => 'It is sold out: whoever follows the link reads that.',
            Availability::TooFew => 'Fewer than these are left: whoever follows the link reads that.',
            Availability::ForSale, Availability::Draft => '',
        };
    }
}
