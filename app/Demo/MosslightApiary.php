<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Offer;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
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

    public function __construct(
        private MosslightGoods $goods,
        private MosslightRules $rules,
        private DemoOrders $orders,
    ) {}

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
            'payee' => 'mosslight-apiary',
        ]);
        Person::query()->create(['name' => 'Wren Halloway', 'email' => 'wren@mosslight.example', 'password' => $password])->shops()->attach($shop->id);

        $this->rules->load($shop);
        $goods = $this->goods->load($shop);
        $offers = [
            $this->offer($shop, $goods['honey-340'], 1, Destination::Pay, CartUse::JustThis, null, OfferState::Live),
            $this->offer($shop, $goods['candle'], 2, Destination::Cart, CartUse::WithCart, 'Two for the long table', OfferState::Live),
            $this->offer($shop, $goods['starter-hive'], 1, Destination::Choose, CartUse::JustThis, null, OfferState::Draft),
        ];
        $placements = [
            $this->placement($offers[0], $chance, 'Hedge & Hollow: April in the apiary'),
            $this->placement($offers[1], $chance, 'Candle workshop page'),
        ];
        $this->clicks($placements, $chance);
        $this->orders->load($shop->refresh(), $placements, $chance);
    }

    private static function chance(): Randomizer
    {
        return new Randomizer(new Mt19937(self::SEED));
    }

    private function offer(Shop $shop, Product $product, int $quantity, Destination $destination, CartUse $cartUse, ?string $caption, OfferState $state): Offer
    {
        $offer = $shop->offers()->create(['destination' => $destination, 'cart_use' => $cartUse, 'caption' => $caption, 'state' => $state]);
        $offer->lines()->create(['shop_id' => $shop->id, 'position' => 0, 'product_id' => $product->id, 'quantity' => $quantity]);

        return $offer;
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
