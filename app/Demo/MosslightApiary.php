<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Offer;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\RecordEvent;
use App\Results\Source;
use App\Time\Clock;
use PaperKite\Link\Device;
use PaperKite\Link\PlacementCode;
use PaperKite\Look\Colour;
use PaperKite\Look\Icon;
use PaperKite\Look\PageLook;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\People\Role;
use PaperKite\Results\EventKind;
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
        private MosslightGuide $guide,
        private MosslightCards $cards,
        private DemoOrders $orders,
        private MosslightPartners $partners,
        private MosslightWidgets $widgets,
        private RecordEvent $record,
        private Clock $clock,
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
            'page_look' => new PageLook(Colour::of(0xF3, 0xF6, 0xF1), Colour::of(0x2F, 0x5D, 0x4E), mark: Icon::Leaf, sentence: 'Honey, wax and hive craft from the Vale of Tarn, since the bees let us.'),
            'payee' => 'mosslight-apiary',
        ]);
        $wren = Person::query()->create(['name' => 'Wren Halloway', 'email' => 'wren@mosslight.example', 'password' => $password]);
        $wren->shops()->attach($shop->id, ['role' => Role::Owner]);

        $this->rules->load($shop);
        $goods = $this->goods->load($shop);
        $looks = $shop->looks()->pluck('id', 'name')->all();
        $offers = $this->offers($shop, $goods, $looks);
        $placements = $this->places($offers, $chance);
        $this->priceTable($shop, 'Honey by the jar', [$offers[3], $offers[0], $offers[4]], $chance);
        $this->clicks($shop->refresh(), $placements, $chance);
        $this->orders->load($shop, $placements, $chance);
        $this->guide->download($shop);
        $this->cards->load($shop, $goods);
        $this->partners->load($shop);
        $this->widgets->load($shop, $goods, $offers);
    }

    /**
     * @param  list<Offer>  $offers
     * @return list<Placement>
     */
    private function places(array $offers, Randomizer $chance): array
    {
        return [
            $this->placement($offers[0], $chance, 'Hedge & Hollow: April in the apiary'),
            $this->placement($offers[1], $chance, 'Candle workshop page', ['copied' => hash('sha256', 'Two candles'), 'copied_at' => $this->clock->now()->subDays(20), 'is_stale' => true]),
            $this->placement($offers[0], $chance, 'Jar label', ['medium' => 'qr', 'label' => 'jar']),
            $this->placement($offers[5], $chance, 'May letter', ['medium' => 'email', 'label' => 'may-letter']),
            $this->placement($offers[7], $chance, 'Notice board of the Vale'),
            $this->placement($offers[6], $chance, 'Course programme'),
        ];
    }

    /**
     * @param  array<string, Product>  $goods
     * @param  array<array-key, mixed>  $looks
     * @return list<Offer>
     */
    private function offers(Shop $shop, array $goods, array $looks): array
    {
        return [
            $this->offer($shop, [[$goods['honey-340'], 1]], Onwards::Pay, OfferState::Live),
            $this->offer($shop, [[$goods['candle'], 2]], Onwards::Cart, OfferState::Live, ['caption' => 'Two for the long table', 'cart_use' => CartUse::WithCart]),
            $this->offer($shop, [[$goods['starter-hive'], 1]], Onwards::Choose, OfferState::Draft),
            $this->offer($shop, [[$goods['honey-170'], 1]], Onwards::Pay, OfferState::Live, ['caption' => 'A small jar']),
            $this->offer($shop, [[$goods['honey-340'], 3]], Onwards::Pay, OfferState::Live, ['caption' => 'Three for the winter', 'look_id' => $looks['Moss']]),
            $this->offer($shop, [[$goods['honey-340'], 1], [$goods['candle'], 1]], Onwards::Cart, OfferState::Live, ['caption' => 'Honey and light', 'look_id' => $looks['Luggage tag'], 'opening' => Opening::NewTab]),
            $this->offer($shop, [[$goods['skep-course'], 1]], Onwards::Pay, OfferState::Live, ['caption' => 'Book a seat']),
            $this->offer($shop, [[$goods['hedgerow'], 1]], Onwards::Pay, OfferState::Live, ['caption' => 'Plant a yard of hedge']),
            $this->offer($shop, [[$goods[MosslightGuide::SKU], 1]], Onwards::Pay, OfferState::Live, ['caption' => 'Read the hive year']),
        ];
    }

    private static function chance(): Randomizer
    {
        return new Randomizer(new Mt19937(self::SEED));
    }

    /**
     * @param  non-empty-list<array{Product, int}>  $goods  each with its quantity
     * @param  array<string, mixed>  $with
     */
    private function offer(Shop $shop, array $goods, Onwards $destination, OfferState $state, array $with = []): Offer
    {
        $offer = $shop->offers()->create($with + ['destination' => $destination, 'cart_use' => CartUse::JustThis, 'opening' => Opening::SameTab, 'state' => $state]);
        foreach ($goods as $position => [$product, $quantity]) {
            $offer->lines()->create(['shop_id' => $shop->id, 'position' => $position, 'product_id' => $product->id, 'quantity' => $quantity]);
        }

        return $offer;
    }

    /** @param  array<string, mixed>  $with */
    private function placement(Offer $offer, Randomizer $chance, string $page, array $with = []): Placement
    {
        return $offer->placements()->create($with + ['shop_id' => $offer->shop_id, 'code' => PlacementCode::random($chance)->text, 'page' => $page, 'medium' => 'html']);
    }

    /** @param  list<Offer>  $offers  from the first column to the last; the second stands out */
    private function priceTable(Shop $shop, string $name, array $offers, Randomizer $chance): void
    {
        $said = [['For tea', "About 30 spoons\nGlass jar, cork lid"], ['', "About 60 spoons\nGlass jar, cork lid\nHeather in late bloom"], ['For the winter', "About 180 spoons\nThree jars in one box\nHeather in late bloom"]];
        $table = $shop->priceTables()->create(['name' => $name, 'badge' => 'Most taken']);
        foreach ($offers as $position => $offer) {
            $this->placement($offer, $chance, $name, [
                'medium' => 'price_table', 'price_table_id' => $table->id, 'table_position' => $position, 'is_stressed' => $position === 1 ? true : null,
                'column_name' => $said[$position][0] ?? '', 'column_text' => $said[$position][1] ?? '',
            ]);
        }
    }

    /** @param  list<Placement>  $placements */
    private function clicks(Shop $shop, array $placements, Randomizer $chance): void
    {
        foreach ($placements as $index => $placement) {
            for ($day = 29; $day >= 0; $day--) {
                for ($click = $chance->getInt(0, $index === 0 ? 9 : 4); $click > 0; $click--) {
                    $country = ['IE', 'IE', 'GB', 'DE', null][$chance->getInt(0, 4)];
                    $device = Device::cases()[$chance->getInt(0, 2)];
                    $hour = $this->clock->now()->startOfDay()->subDays($day)->addHours($day === 0 ? 0 : $chance->getInt(7, 22));
                    $this->record->at($hour, new Event(EventKind::Click, CountedShop::of($shop), Source::of($placement), $country, $device));
                }
            }
        }
    }
}
