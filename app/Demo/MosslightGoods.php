<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Product;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\ProductKind;

/** What the made-up beekeeper sells. */
final readonly class MosslightGoods
{
    public function __construct(
        private Clock $clock,
        private MosslightGuide $guide,
    ) {}

    /** @return array<string, Product> by SKU */
    public function load(Shop $shop): array
    {
        $goods = [
            ...$this->honeys($shop),
            'candle' => $this->product($shop, 'candle', 'Tall beeswax candle', 1295, Drawing::TallCandle, null, [
                'cost_minor' => 520, 'weight' => '310', 'weight_g' => 310, 'shipping_first_minor' => 300, 'shipping_more_minor' => 100,
                'summary' => '<p>Dipped forty times, burns for about eleven hours.</p>',
            ]),
            'wrap' => $this->wraps($shop),
            'starter-hive' => $this->hive($shop),
            'hedgerow' => $this->product($shop, 'hedgerow', 'Hedgerow fund', 1000, Drawing::Hedgerow, null, [
                'kind' => ProductKind::Donation, 'least_minor' => 200, 'suggested' => [500, 1000, 2500],
                'summary' => '<p>Hawthorn, blackthorn and dog rose along the lanes of the Vale, planted every November.</p>',
                'thanks' => 'Your hedge is forage for a hundred hives. We write in spring, when it flowers.',
            ]),
            'gift-card' => $this->product($shop, 'gift-card', 'Gift card', 2500, Drawing::GiftCard, null, [
                'kind' => ProductKind::GiftCard, 'suggested' => [1500, 2500, 5000], 'least_minor' => 500, 'most_minor' => 20_000,
                'summary' => '<p>For somebody who would rather choose. It comes by mail, on the day that you name, with your words.</p>',
            ]),
            'skep-course' => $this->course($shop),
            MosslightGuide::SKU => $this->guide->load($shop),
            'soap' => $this->product($shop, 'soap', 'Propolis soap, 90 g', 560, Drawing::Soap, 60, [
                'cost_minor' => 190, 'weight' => '95', 'weight_g' => 95, 'is_draft' => true,
                'summary' => '<p>Still curing on the shelf; on sale once it is hard enough.</p>',
            ]),
        ];
        $this->sort($shop, $goods);
        $goods['honey-340']->addOns()->attach([$goods['candle']->id => ['shop_id' => $shop->id, 'position' => 1], $goods['wrap']->id => ['shop_id' => $shop->id, 'position' => 2]]);

        return $goods;
    }

    private function hive(Shop $shop): Product
    {
        return $this->product($shop, 'starter-hive', 'Starter hive', 34900, Drawing::Hive, 0, [
            'cost_minor' => 19000, 'weight' => '14.5', 'weight_unit' => 'kg', 'weight_g' => 14500,
            'summary' => '<p>Cedar, with two supers and a floor that can be cleaned without lifting.</p>',
        ]);
    }

    /** @return array<string, Product> by SKU */
    private function honeys(Shop $shop): array
    {
        return [
            'honey-340' => $this->product($shop, 'honey-340', 'Heather honey, 340 g', 980, Drawing::HoneyJar, 42, [
                'cost_minor' => 410, 'tax_class' => 'food', 'weight' => '520', 'weight_g' => 520, 'low_stock' => 10,
                'sale_minor' => 840, 'sale_from' => $this->clock->now()->addDays(9)->startOfDay(), 'sale_until' => $this->clock->now()->addDays(23)->startOfDay(),
                'summary' => '<p>Late, dark and slow to pour, from the heather above the tarn.</p>',
                'description' => '<p>Pressed rather than spun, since heather honey will not leave the comb in a hurry. It keeps its small bubbles and a little bitterness.</p><p>Stores for years in a cool cupboard.</p>',
                'traits' => [['name' => 'Harvest', 'values' => ['August']], ['name' => 'Tastes of', 'values' => ['toffee', 'woodsmoke']]],
            ]),
            'honey-170' => $this->product($shop, 'honey-170', 'Willow honey, 170 g', 640, Drawing::SmallJar, 18, [
                'cost_minor' => 230, 'tax_class' => 'food', 'weight' => '290', 'weight_g' => 290, 'low_stock' => 15,
                'summary' => '<p>The first honey of the year, light and quick to set.</p>',
                'traits' => [['name' => 'Harvest', 'values' => ['May']]],
            ]),
        ];
    }

    /** @param  array<string, mixed>  $more */
    private function product(Shop $shop, string $sku, string $name, int $price, Drawing $picture, ?int $stock, array $more): Product
    {
        return $shop->products()->create($more + ['sku' => $sku, 'name' => $name, 'price_minor' => $price, 'currency' => $shop->currency, 'picture' => $picture, 'stock' => $stock, 'weight_unit' => 'g']);
    }

    /** Three sizes in four prints: twelve variants, of which one has sold out. */
    private function wraps(Shop $shop): Product
    {
        $product = $this->product($shop, 'wrap', 'Beeswax food wrap', 700, Drawing::FoodWrap, null, [
            'cost_minor' => 200, 'weight' => '60', 'weight_g' => 60, 'has_variants' => true,
            'summary' => '<p>Cotton and beeswax, in place of cling film. Wash it cold and it lasts a year.</p>',
            'options' => [
                new Option('Size', [
                    new Choice('Small', new Price($shop->money(650))),
                    new Choice('Medium', new Price($shop->money(850))),
                    new Choice('Large', new Price($shop->money(1100))),
                ]),
                new Option('Print', [new Choice('Plain'), new Choice('Clover', adds: $shop->money(75)), new Choice('Foxglove', adds: $shop->money(75)), new Choice('Meadow', adds: $shop->money(120))]),
            ],
        ]);
        $position = 0;
        foreach (['Small' => ['s', 60], 'Medium' => ['m', 75], 'Large' => ['l', 95]] as $size => [$letter, $weight]) {
            foreach (['Plain' => 24, 'Clover' => 9, 'Foxglove' => 4, 'Meadow' => 14] as $print => $stock) {
                $choices = [$size, $print];
                $product->variants()->create([
                    'shop_id' => $shop->id, 'position' => $position++, 'sku' => "wrap-{$letter}-".strtolower($print), 'choices' => $choices,
                    'choices_digest' => hash('sha256', json_encode($choices, JSON_THROW_ON_ERROR)), 'weight_g' => $weight,
                    'stock' => $choices === ['Medium', 'Foxglove'] ? 0 : $stock, 'is_preselected' => $choices === ['Medium', 'Clover'] ? true : null,
                ]);
            }
        }

        return $product;
    }

    /** A morning of straw and patience on three dates, the last of which is nearly full. */
    private function course(Shop $shop): Product
    {
        $product = $this->product($shop, 'skep-course', 'Skep making, a morning', 4800, Drawing::Skep, null, [
            'kind' => ProductKind::Service, 'cost_minor' => 1500, 'asks_attendees' => true, 'has_variants' => true,
            'summary' => '<p>Coil, bind and finish a small straw hive with your own hands. Straw, bramble and soup are there.</p>',
            'options' => [new Option('Date', [new Choice('First Saturday'), new Choice('Second Saturday'), new Choice('Third Saturday')])],
        ]);
        $saturday = $this->clock->now()->setTimezone($shop->zone())->addWeeks(4)->next('Saturday');
        foreach (['First Saturday' => ['Weir Cottage, Tarnbridge', 6], 'Second Saturday' => ['Weir Cottage, Tarnbridge', 8], 'Third Saturday' => ['The Long Barn, Mossfield', 4]] as $name => [$place, $seats]) {
            $week = $product->variants()->count();
            $product->variants()->create([
                'shop_id' => $shop->id, 'position' => $week, 'sku' => 'skep-'.($week + 1), 'choices' => [$name], 'choices_digest' => hash('sha256', json_encode([$name], JSON_THROW_ON_ERROR)), 'stock' => $seats,
                'begins_at' => $saturday->addWeeks($week)->setTime(10, 0)->utc(), 'ends_at' => $saturday->addWeeks($week)->setTime(13, 0)->utc(), 'place' => $place,
            ]);
        }

        return $product;
    }

    /** @param  array<string, Product>  $goods */
    private function sort(Shop $shop, array $goods): void
    {
        foreach (['Honey' => ['honey-340', 'honey-170'], 'From beeswax' => ['candle', 'wrap'], 'Beekeeping' => ['skep-course', 'starter-hive', MosslightGuide::SKU, 'hedgerow']] as $name => $skus) {
            $category = $shop->categories()->create(['name' => $name]);
            $category->products()->attach(array_map(static fn (string $sku): int => $goods[$sku]->id, $skus), ['shop_id' => $shop->id]);
        }
    }
}
