<?php

declare(strict_types=1);

namespace App\Embed;

use App\Database\Joined;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Picture;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Partners\JoinedAddresses;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use LogicException;
use PaperKite\Offer\OfferState;

/** Placements with all that their widgets need, in four reads at most however many they are. */
final class ReadPlacements
{
    private const PLACED = [
        'placements' => ['id', 'shop_id', 'offer_id', 'code', 'form', 'caption', 'paused_at'],
        'offers' => ['id', 'shop_id', 'destination', 'cart_use', 'opening', 'ask_label', 'ask_least', 'ask_most', 'caption', 'words', 'landing', 'page', 'look_id', 'state'],
    ];

    private const SOLD = [
        'offer_lines' => ['id', 'offer_id', 'position', 'product_id', 'variant_id', 'quantity', 'terms', 'amount_minor'],
        'products' => ['id', 'shop_id', 'sku', 'name', 'kind', 'own_kind', 'summary', 'currency', 'price_minor', 'sale_minor', 'sale_from', 'sale_until', 'cost_minor', 'tax_class', 'weight_g', 'shipping_first_minor', 'shipping_more_minor',
            'least_minor', 'most_minor', 'suggested', 'picture', 'lead_picture', 'lead_alt', 'stock', 'allows_back_order', 'options', 'has_variants', 'is_draft', 'begins_at', 'ends_at', 'place', 'parcel_address'],
    ];

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
        $rows = $codes === [] ? [] : DB::table('placements')->join('offers', 'offers.id', '=', 'placements.offer_id')
            ->where('placements.shop_id', $shop->id)->whereIn('placements.code', $codes)
            ->whereIn('offers.state', [OfferState::Live, OfferState::Paused])
            ->orderBy('placements.code')->get(Joined::selection(self::PLACED))->map(static fn (object $row): array => (array) $row)->all();
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
        $rows = DB::table('offer_lines')->join('products', 'products.id', '=', 'offer_lines.product_id')
            ->whereIn('offer_lines.offer_id', $offers)->orderBy('offer_lines.position')
            ->get(Joined::selection(self::SOLD))->map(static fn (object $row): array => (array) $row)->all();
        $products = $lines = [];
        foreach ($rows as $row) {
            $product = Joined::model(new Product, 'products', self::SOLD['products'], $row) ?? throw new LogicException('A line has a product.');
            $products[$product->id] ??= $product;
        }
        $this->addVariants($products);
        $this->addAddresses($products);
        foreach ($rows as $row) {
            $line = Joined::model(new OfferLine, 'offer_lines', self::SOLD['offer_lines'], $row) ?? throw new LogicException('A row is of a line.');
            $product = $products[$line->product_id];
            $lines[$line->offer_id][] = $line->setRelation('product', $product)->setRelation('variant', $line->variant_id === null ? null : $product->variants->firstWhere('id', $line->variant_id));
        }

        return $lines;
    }

    /** @param  array<int, Product>  $products  by id */
    private function addVariants(array $products): void
    {
        $varied = array_filter($products, static fn (Product $product): bool => $product->has_variants);
        $rows = $varied === [] ? [] : DB::table('variants')->leftJoin('pictures', 'pictures.id', '=', 'variants.picture_id')
            ->whereIn('variants.product_id', array_keys($varied))->orderBy('variants.position')
            ->get(Joined::selection(self::VARIED))->map(static fn (object $row): array => (array) $row)->all();
        $variants = [];
        foreach ($rows as $row) {
            $variant = Joined::model(new Variant, 'variants', self::VARIED['variants'], $row) ?? throw new LogicException('A row is of a variant.');
            $variants[$variant->product_id][] = $variant->setRelation('picture', Joined::model(new Picture, 'pictures', self::VARIED['pictures'], $row));
        }
        foreach ($products as $id => $product) {
            $product->setRelation('variants', new Collection($variants[$id] ?? []));
        }
    }

    /** @param  array<int, Product>  $products  by id */
    private function addAddresses(array $products): void
    {
        $elsewhere = array_filter($products, static fn (Product $product): bool => $product->kind->isElsewhere());
        $rows = $elsewhere === [] ? [] : JoinedAddresses::to(DB::table('products'))->whereIn('products.id', array_keys($elsewhere))->whereNotNull('partner_addresses.id')
            ->orderBy('partner_addresses.position')->get(Joined::selection(JoinedAddresses::COLUMNS))->map(static fn (object $row): array => (array) $row)->all();
        $addresses = [];
        foreach ($rows as $row) {
            $address = JoinedAddresses::address($row) ?? throw new LogicException('A row is of an address.');
            $addresses[$address->product_id][] = $address;
        }
        foreach ($elsewhere as $id => $product) {
            $product->setRelation('addresses', new Collection($addresses[$id] ?? []));
        }
    }
}
