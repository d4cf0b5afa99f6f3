<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Database\Joined;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Partners\JoinedAddresses;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use LogicException;
use PaperKite\Link\PlacementCode;

/** A placement with all that a click needs to know, in one read. */
final class PlacementLookup
{
    private const COLUMNS = [
        'placements' => ['id', 'shop_id', 'offer_id', 'code', 'page', 'caption', 'look_id', 'price_table_id', 'paused_at', 'deleted_at'],
        'offers' => ['id', 'shop_id', 'destination', 'cart_use', 'opening', 'ask_label', 'ask_least', 'ask_most', 'caption', 'words', 'landing', 'page', 'look_id', 'state'],
        'shops' => ['id', 'slug', 'name', 'host', 'currency', 'words', 'checkout_slug', 'timezone', 'listed_hosts', 'referrer_policy', 'payee'],
        'offer_lines' => ['id', 'position', 'product_id', 'variant_id', 'quantity', 'terms', 'amount_minor'],
        'products' => ['id', 'shop_id', 'sku', 'name', 'currency', 'stock', 'allows_back_order', 'has_variants', 'is_draft', 'kind', 'own_kind', 'begins_at', 'ends_at', 'place'],
        'variants' => ['id', 'sku', 'stock', 'choices', 'begins_at', 'ends_at', 'place'],
        ...JoinedAddresses::COLUMNS,
    ];

    /** @return Placement|null with its shop, its offer and the offer's goods; `null` where this host has no such placement */
    public function at(string $host, PlacementCode $code): ?Placement
    {
        $read = DB::table('placements')
            ->join('offers', 'offers.id', '=', 'placements.offer_id')
            ->join('shops', 'shops.id', '=', 'placements.shop_id')
            ->leftJoin('offer_lines', 'offer_lines.offer_id', '=', 'offers.id')
            ->leftJoin('products', 'products.id', '=', 'offer_lines.product_id')
            ->leftJoin('variants', 'variants.id', '=', 'offer_lines.variant_id')
            ->where('placements.code', $code->text)
            ->where('shops.host', $host)
            ->orderBy('offer_lines.position')->orderBy('partner_addresses.position');
        $rows = JoinedAddresses::to($read)->get(Joined::selection(self::COLUMNS))->map(static fn (object $row): array => (array) $row)->all();
        if ($rows === []) {
            return null;
        }
        $shop = Joined::model(new Shop, 'shops', self::COLUMNS['shops'], $rows[0]) ?? throw new LogicException('A placement has a shop.');
        $offer = Joined::model(new Offer, 'offers', self::COLUMNS['offers'], $rows[0]) ?? throw new LogicException('A placement has an offer.');
        $offer->setRelation('shop', $shop)->setRelation('lines', $this->lines($rows));

        return Joined::model(new Placement, 'placements', self::COLUMNS['placements'], $rows[0])?->setRelation('offer', $offer)->setRelation('shop', $shop);
    }

    /**
     * @param  array<array<mixed>>  $rows
     * @return Collection<int, OfferLine>
     */
    private function lines(array $rows): Collection
    {
        $lines = [];
        foreach ($rows as $row) {
            $line = $this->line($row);
            if ($line !== null) {
                $lines[$line->id] ??= $line;
                $address = JoinedAddresses::address($row);
                if ($address !== null) {
                    $lines[$line->id]->product->addresses->push($address);
                }
            }
        }

        return new Collection(array_values($lines));
    }

    /**
     * @param  array<mixed>  $row
     * @return OfferLine|null `null` where the offer has no goods
     */
    private function line(array $row): ?OfferLine
    {
        $variant = Joined::model(new Variant, 'variants', self::COLUMNS['variants'], $row);
        $product = Joined::model(new Product, 'products', self::COLUMNS['products'], $row)?->setRelation('addresses', new Collection);

        return Joined::model(new OfferLine, 'offer_lines', self::COLUMNS['offer_lines'], $row)?->setRelation('product', $product)->setRelation('variant', $variant);
    }
}
