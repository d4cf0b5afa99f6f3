<?php

declare(strict_types=1);

namespace App\Offers;

use App\Database\Joined;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Product;
use App\Models\Variant;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use LogicException;

/** The goods of a page of offers in one read: each with the one variant that it is sold in, or the first of them. */
final readonly class LoadOfferGoods
{
    private const COLUMNS = [
        'offer_lines' => ['id', 'shop_id', 'offer_id', 'position', 'product_id', 'variant_id', 'quantity', 'terms', 'amount_minor'],
        'products' => ['id', 'shop_id', 'sku', 'name', 'currency', 'price_minor', 'sale_minor', 'sale_from', 'sale_until', 'cost_minor', 'tax_class', 'weight_g', 'shipping_first_minor', 'shipping_more_minor', 'options', 'stock', 'allows_back_order', 'has_variants', 'is_draft', 'kind', 'own_kind', 'least_minor', 'most_minor', 'suggested', 'begins_at', 'ends_at', 'place', 'parcel_address'],
        'variants' => ['id', 'shop_id', 'product_id', 'position', 'sku', 'choices', 'price_minor', 'sale_minor', 'sale_from', 'sale_until', 'cost_minor', 'weight_g', 'stock', 'begins_at', 'ends_at', 'place'],
    ];

    /** @param  Collection<int, Offer>  $offers */
    public function __invoke(Collection $offers): void
    {
        $rows = DB::table('offer_lines')
            ->join('products', 'products.id', '=', 'offer_lines.product_id')
            ->leftJoin('variants', static fn (JoinClause $join) => $join->whereRaw('variants.id = COALESCE(offer_lines.variant_id, (SELECT v.id FROM variants v WHERE v.product_id = offer_lines.product_id ORDER BY v.position LIMIT 1))'))
            ->whereIn('offer_lines.offer_id', $offers->modelKeys())
            ->orderBy('offer_lines.position')
            ->get(Joined::selection(self::COLUMNS));
        $lines = [];
        foreach ($rows as $row) {
            $line = self::line((array) $row);
            $lines[$line->offer_id][] = $line;
        }
        self::loadAddresses(array_merge(...array_values($lines)));
        foreach ($offers as $offer) {
            $offer->setRelation('lines', new Collection($lines[$offer->id] ?? []));
        }
    }

    /** @param  list<OfferLine>  $lines */
    private static function loadAddresses(array $lines): void
    {
        $products = new Collection(array_filter(array_map(static fn (OfferLine $line): Product => $line->product, $lines), static fn (Product $product): bool => $product->kind->isElsewhere()));
        $products->load(['addresses.marketplace.partner', 'addresses.marketplace.hosts']);
    }

    /** @param  array<mixed>  $row */
    private static function line(array $row): OfferLine
    {
        $line = Joined::model(new OfferLine, 'offer_lines', self::COLUMNS['offer_lines'], $row) ?? throw new LogicException('A row of goods is a line.');
        $product = Joined::model(new Product, 'products', self::COLUMNS['products'], $row) ?? throw new LogicException('A line has a product.');
        $variant = Joined::model(new Variant, 'variants', self::COLUMNS['variants'], $row);
        $product->setRelation('variants', new Collection($variant === null ? [] : [$variant]));

        return $line->setRelation('product', $product)->setRelation('variant', $line->variant_id === null ? null : $variant);
    }
}
