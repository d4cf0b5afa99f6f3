<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Offer;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use PaperKite\Catalogue\Drawing;
use PaperKite\Link\Device;
use PaperKite\Link\PlacementCode;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\OfferState;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A made-up beekeeper in the made-up Vale of Tarn: the same every time, its dates relative to the day it is loaded. */
final readonly class MosslightApiary
{
    public const SLUG = 'mosslight';

    private const SEED = 20260420;

    public function __construct(private DemoOrders $orders) {}

    /** The code of the placement on the stand-in blog: the first that the seed yields. */
    public static function blogCode(): PlacementCode
    {
        return PlacementCode::random(self::chance());
    }

    public function load(string $password): void
    {
        $chance = self::chance();
        $shop = Shop::query()->create([
            'slug' => self::SLUG,
            'name' => 'Mosslight Apiary',
            'host' => 'mosslight.localhost',
            'currency' => 'EUR',
            'accent' => '#2f5d4e',
            'shipping_fee_minor' => 390,
            'payee' => 'mosslight-apiary',
        ]);
        Person::query()->create(['name' => 'Wren Halloway', 'email' => 'wren@mosslight.example', 'password' => $password])->shops()->attach($shop->id);

        $products = array_map(fn (array $product): Product => $this->product($shop, ...$product), [
            ['honey-340', 'Heather honey, 340 g', 980, Drawing::HoneyJar, 42],
            ['honey-170', 'Willow honey, 170 g', 640, Drawing::SmallJar, 18],
            ['candle', 'Tall beeswax candle', 1295, Drawing::TallCandle, null],
            ['wrap-clover', 'Beeswax food wrap, clover print', 725, Drawing::FoodWrap, 60],
            ['starter-hive', 'Starter hive', 34900, Drawing::Hive, 0],
        ]);
        $offers = [
            $this->offer($shop, $products[0], 1, Destination::Pay, CartUse::JustThis, null, OfferState::Live),
            $this->offer($shop, $products[2], 2, Destination::Cart, CartUse::WithCart, 'Two for the long table', OfferState::Live),
            $this->offer($shop, $products[4], 1, Destination::Choose, CartUse::JustThis, null, OfferState::Draft),
        ];
        $placements = [
            $this->placement($offers[0], $chance, 'Hedge & Hollow: April in the apiary'),
            $this->placement($offers[1], $chance, 'Candle workshop page'),
        ];
        $this->clicks($placements, $chance);
        $this->orders->load($shop, $products, $placements, $chance);
    }

    private static function chance(): Randomizer
    {
        return new Randomizer(new Mt19937(self::SEED));
    }

    private function product(Shop $shop, string $sku, string $name, int $price, Drawing $picture, ?int $stock): Product
    {
        return $shop->products()->create(['sku' => $sku, 'name' => $name, 'price_minor' => $price, 'currency' => 'EUR', 'picture' => $picture, 'stock' => $stock]);
    }

    private function offer(Shop $shop, Product $product, int $quantity, Destination $destination, CartUse $cartUse, ?string $caption, OfferState $state): Offer
    {
        return $shop->offers()->create(['product_id' => $product->id, 'quantity' => $quantity, 'destination' => $destination, 'cart_use' => $cartUse, 'caption' => $caption, 'state' => $state]);
    }

    private function placement(Offer $offer, Randomizer $chance, string $page): Placement
    {
        return $offer->placements()->create(['shop_id' => $offer->shop_id, 'code' => PlacementCode::random($chance)->text, 'page' => $page]);
    }

    /** @param  list<Placement>  $placements */
    private function clicks(array $placements, Randomizer $chance): void
    {
        $clicks = [];
        foreach ($placements as $index => $placement) {
            for ($day = 29; $day >= 0; $day--) {
                for ($click = $chance->getInt(0, $index === 0 ? 9 : 4); $click > 0; $click--) {
                    $clicks[] = [
                        'shop_id' => $placement->shop_id,
                        'offer_id' => $placement->offer_id,
                        'placement_id' => $placement->id,
                        'country' => ['IE', 'IE', 'GB', 'DE', null][$chance->getInt(0, 4)],
                        'device' => Device::cases()[$chance->getInt(0, 2)]->value,
                        'hour' => now()->startOfDay()->subDays($day)->addHours($day === 0 ? 0 : $chance->getInt(7, 22)),
                    ];
                }
            }
        }
        DB::table('clicks')->insert($clicks);
    }
}
