<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\ShopfrontGoods;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Goods;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Example;
use PaperKite\Offer\Opening;
use PaperKite\Offer\StateWords;

/** The examples, told with what the shop has for sale. */
final readonly class ExampleOffers
{
    private const MOST_GOODS = 40;

    /** How many of the one thing there are in each column, where the shop has fewer than three. */
    private const TIERS = [1, 3, 6];

    public function __construct(private ShopfrontGoods $goods) {}

    /** @return array<string, list<Offer>> by example, not saved: three for a price table, else one; none where the shop lacks the goods for it */
    public function all(Shop $shop): array
    {
        $own = $this->goods->available($shop, self::MOST_GOODS)->filter(static fn (Product $product): bool => ! $product->kind->isElsewhere());

        return array_combine(
            array_column(Example::cases(), 'value'),
            array_map(static fn (Example $example): array => self::of($own, $example), Example::cases()),
        );
    }

    /**
     * @param  Goods<int, Product>  $own
     * @return list<Offer>
     */
    private static function of(Goods $own, Example $example): array
    {
        $varied = array_values($own->filter(static fn (Product $product): bool => $product->has_variants)->all());
        $plain = array_values($own->filter(static fn (Product $product): bool => ! $product->has_variants && ! $product->kind->isGiven())->all());
        $given = array_values($own->filter(static fn (Product $product): bool => $product->kind->isGiven())->all());
        $sets = match ($example) {
            Example::Tiers => self::tiers($plain),
            Example::Bundle => count($plain) < 2 ? [] : [[[$plain[0], 1], [$plain[1], 1]]],
            Example::Variants => self::alone(array_slice($varied, 0, 1)),
            Example::AtOnce, Example::Card, Example::Cart => self::alone(array_slice([...$plain, ...$varied, ...$given], 0, 1)),
        };

        return array_map(static fn (array $set): Offer => self::selling($set, $example), $sets);
    }

    /**
     * @param  list<Product>  $goods
     * @return list<list<array{Product, int}>>
     */
    private static function tiers(array $goods): array
    {
        return match (true) {
            $goods === [] => [],
            count($goods) < count(self::TIERS) => array_map(static fn (int $pieces): array => [[$goods[0], $pieces]], self::TIERS),
            default => self::alone(array_slice($goods, 0, count(self::TIERS))),
        };
    }

    /**
     * @param  list<Product>  $goods
     * @return list<list<array{Product, int}>> one piece of each, by itself
     */
    private static function alone(array $goods): array
    {
        return array_map(static fn (Product $product): array => [[$product, 1]], $goods);
    }

    /** @param  list<array{Product, int}>  $set */
    private static function selling(array $set, Example $example): Offer
    {
        $lines = array_map(static fn (array $piece): OfferLine => (new OfferLine)->forceFill(['product_id' => $piece[0]->id, 'quantity' => $piece[1], 'terms' => TermsKind::Once->value])->setRelation('variant', null)->setRelation('product', $piece[0]), $set);

        return (new Offer)
            ->forceFill(['destination' => $example->onwards(), 'cart_use' => CartUse::JustThis, 'opening' => Opening::SameTab, 'words' => StateWords::none()])
            ->setRelation('lines', new Collection($lines));
    }
}
