<?php

declare(strict_types=1);

namespace App\Embed;

use App\Database\Joined;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Picture;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Sample;
use App\Models\Shop;
use App\Models\Variant;
use App\Partners\JoinedAddresses;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use LogicException;
use PaperKite\Offer\OfferState;

/** Placements with all that their widgets need, in three reads at most however many they are. */
final class ReadPlacements
{
    private const PLACED = [
        'placements' => ['id', 'shop_id', 'offer_id', 'code', 'form', 'caption', 'look_id', 'width', 'width_percent', 'paused_at', 'price_table_id', 'is_stressed', 'column_name', 'column_text'],
        'offers' => ['id', 'shop_id', 'destination', 'cart_use', 'opening', 'ask_label', 'ask_least', 'ask_most', 'caption', 'words', 'landing', 'page', 'look_id', 'state'],
    ];

    private const SOLD = [
        'offer_lines' => ['id', 'offer_id', 'position', 'product_id', 'variant_id', 'quantity', 'terms', 'amount_minor'],
        'products' => ['id', 'shop_id', 'sku', 'name', 'kind', 'own_kind', 'summary', 'currency', 'price_minor', 'sale_minor', 'sale_from', 'sale_until', 'cost_minor', 'tax_class', 'weight_g', 'shipping_first_minor', 'shipping_more_minor',
            'least_minor', 'most_minor', 'suggested', 'picture', 'lead_picture', 'lead_alt', 'stock', 'allows_back_order', 'options', 'has_variants', 'is_draft', 'begins_at', 'ends_at', 'place', 'parcel_address'],
    ];

    private const SHOWN = ['samples' => ['id', 'product_id', 'kind', 'state', 'file', 'pictures']];

    private const VARIED = [
        'variants' => ['id', 'shop_id', 'product_id', 'position', 'sku', 'choices', 'price_minor', 'sale_minor', 'sale_from', 'sale_until', 'cost_minor', 'weight_g', 'stock', 'picture_id', 'is_preselected', 'begins_at', 'ends_at', 'place'],
        'pictures' => ['id', 'file'],
    ];

    /**
     * @param  list<string>  $codes
     * @return list<Placement> of this shop, by code, whose offers are live or paused
     */
    public function __invoke(Shop $shop, array $codes): array
    {
        return $codes === [] ? [] : $this->read($shop, static fn (Builder $placed) => $placed->whereIn('placements.code', $codes)->orderBy('placements.code'));
    }

    /**
     * @param  list<int>  $tables  their ids
     * @return array<int, list<Placement>> by price table, the columns whose offers are live or paused, in their order
     */
    public function columns(Shop $shop, array $tables): array
    {
        $columns = [];
        foreach ($tables === [] ? [] : $this->read($shop, static fn (Builder $placed) => $placed->whereIn('placements.price_table_id', $tables)->orderBy('placements.table_position')) as $column) {
            $columns[$column->price_table_id ?? 0][] = $column;
        }

        return $columns;
    }

    /**
     * @param  Closure(Builder): mixed  $which
     * @return list<Placement>
     */
    private function read(Shop $shop, Closure $which): array
    {
        $placed = DB::table('placements')->join('offers', 'offers.id', '=', 'placements.offer_id')
            ->where('placements.shop_id', $shop->id)
            ->whereNull('placements.deleted_at')
            ->whereIn('offers.state', [OfferState::Live, OfferState::Paused]);
        $which($placed);
        $rows = $placed->get(Joined::selection(self::PLACED))->map(static fn (object $row): array => (array) $row)->all();
        $lines = $rows === [] ? [] : $this->lines(array_column($rows, 'offers_id'));

        return array_values(array_map(static function (array $row) use ($lines, $shop): Placement {
            $offer = Joined::model(new Offer, 'offers', self::PLACED['offers'], $row) ?? throw new LogicException('A placement has an offer.');
            $offer->setRelation('shop', $shop)->setRelation('lines', new Collection($lines[$offer->id] ?? []));
            $placement = Joined::model(new Placement, 'placements', self::PLACED['placements'], $row) ?? throw new LogicException('A row is of a placement.');

            return $placement->setRelation('offer', $offer)->setRelation('shop', $shop);
        }, $rows));
    }

    /**
     * @param  list<mixed>  $offers  their ids
     * @return array<int, list<OfferLine>> by the id of the offer, in order
     */
    private function lines(array $offers): array
    {
        $sold = DB::table('offer_lines')->join('products', 'products.id', '=', 'offer_lines.product_id')
            ->leftJoin('samples', 'samples.product_id', '=', 'products.id')
            ->whereIn('offer_lines.offer_id', $offers)->orderBy('offer_lines.position')->orderBy('partner_addresses.position');
        $rows = JoinedAddresses::to($sold)->get(Joined::selection(self::SOLD + self::SHOWN + JoinedAddresses::COLUMNS))->map(static fn (object $row): array => (array) $row)->all();
        $products = $this->products($rows);
        $lines = [];
        foreach ($rows as $row) {
            $line = Joined::model(new OfferLine, 'offer_lines', self::SOLD['offer_lines'], $row) ?? throw new LogicException('A row is of a line.');
            $product = $products[$line->product_id];
            // A partner's goods come as often as they have addresses.
            $lines[$line->offer_id][$line->id] ??= $line->setRelation('product', $product)->setRelation('variant', $line->variant_id === null ? null : $product->variants->firstWhere('id', $line->variant_id));
        }

        return array_map(array_values(...), $lines);
    }

    /**
     * @param  array<array<mixed>>  $rows
     * @return array<int, Product> by id, with their variants and addresses
     */
    private function products(array $rows): array
    {
        $products = $addresses = [];
        foreach ($rows as $row) {
            $id = $row['products_id'] ?? null;
            if (is_int($id)) {
                $products[$id] ??= (Joined::model(new Product, 'products', self::SOLD['products'], $row) ?? throw new LogicException('A line has a product.'))
                    ->setRelation('sample', Joined::model(new Sample, 'samples', self::SHOWN['samples'], $row));
                $address = JoinedAddresses::address($row);
                $addresses[$id] ??= [];
                if ($address !== null) {
                    $addresses[$id][$address->id] = $address;
                }
            }
        }
        $variants = $this->variants(array_keys(array_filter($products, static fn (Product $product): bool => $product->has_variants)));
        foreach ($products as $id => $product) {
            $product->setRelation('variants', new Collection($variants[$id] ?? []))->setRelation('addresses', new Collection(array_values($addresses[$id])));
        }

        return $products;
    }

    /**
     * @param  list<int>  $products  their ids
     * @return array<int, list<Variant>> by the id of the product, in order, with their pictures
     */
    private function variants(array $products): array
    {
        $rows = $products === [] ? [] : DB::table('variants')->leftJoin('pictures', 'pictures.id', '=', 'variants.picture_id')
            ->whereIn('variants.product_id', $products)->orderBy('variants.position')
            ->get(Joined::selection(self::VARIED))->map(static fn (object $row): array => (array) $row)->all();
        $variants = [];
        foreach ($rows as $row) {
            $variant = Joined::model(new Variant, 'variants', self::VARIED['variants'], $row) ?? throw new LogicException('A row is of a variant.');
            $variants[$variant->product_id][] = $variant->setRelation('picture', Joined::model(new Picture, 'pictures', self::VARIED['pictures'], $row));
        }

        return $variants;
    }
}
