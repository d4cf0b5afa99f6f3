<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\DisplayPlacement;
use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use PaperKite\Link\PlacementCode;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Shopfront\ShelfDensity;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The apiary's widgets on pages of other people, and a small shop beside it that sells on one of them. */
final readonly class MosslightWidgets
{
    private const SEED = 20260613;

    public function __construct(private QuayPottery $pottery) {}

    /**
     * @param  array<string, Product>  $goods  by SKU
     * @param  list<Offer>  $offers
     */
    public function load(Shop $shop, array $goods, array $offers): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $jar = $this->offer($shop, $goods['honey-170'], ['caption' => 'A jar for the basket']);
        $wrap = $this->offer($shop, $goods['wrap'], ['caption' => 'Wrap it up', 'ask_label' => 'How many wraps', 'ask_least' => 1, 'ask_most' => 9]);
        $lantern = Offer::query()->whereRelation('lines.product', 'sku', 'storm-lantern')->whereRelation('lines.product', 'shop_id', $shop->id)->first();
        $this->place($jar, 'stay', WidgetForm::Button, $chance);
        $this->place($wrap, 'picture', WidgetForm::Picture, $chance);
        $this->place($offers[0], 'price', WidgetForm::Price, $chance);
        $this->place($offers[7], 'gift', WidgetForm::Picture, $chance);
        $this->place($this->offer($shop, $goods['honey-340'], ['caption' => 'Into the basket', 'destination' => Onwards::MiniCart]), 'mini', WidgetForm::Price, $chance);
        $this->place($this->offer($shop, $goods['wrap'], ['caption' => 'Choose your wrap', 'destination' => Onwards::MiniCart, 'opening' => Opening::PopOver]), 'pop', WidgetForm::Button, $chance);
        $this->place($this->offer($shop, $goods['candle'], ['caption' => 'Light it at home', 'destination' => Onwards::Pay]), 'story', WidgetForm::Story, $chance);
        $basket = $this->offer($shop, $goods['candle'], ['caption' => 'My basket', 'destination' => Onwards::MiniCart]);
        $basket->lines()->delete();
        $this->place($basket, 'basket', WidgetForm::Button, $chance);
        $this->displays($shop, $goods, $chance);
        if ($lantern !== null) {
            $this->place($lantern, 'partner', WidgetForm::Price, $chance);
        }
        $this->place($this->pottery->load(), 'other', WidgetForm::Picture, $chance);
    }

    /** @param  array<string, mixed>  $with */
    private function offer(Shop $shop, Product $product, array $with): Offer
    {
        $offer = $shop->offers()->create($with + ['destination' => Onwards::Stay, 'cart_use' => CartUse::WithCart, 'opening' => Opening::SameTab, 'state' => OfferState::Live]);
        $offer->lines()->create(['shop_id' => $shop->id, 'position' => 0, 'product_id' => $product->id, 'quantity' => 1]);

        return $offer;
    }

    private function place(Offer $offer, string $label, WidgetForm $form, Randomizer $chance): void
    {
        $offer->placements()->create(['shop_id' => $offer->shop_id, 'code' => PlacementCode::random($chance)->text, 'page' => WidgetPages::PAGES[$label], 'label' => "widget-{$label}", 'medium' => 'widget', 'form' => $form]);
    }

    /** @param  array<string, Product>  $goods  by SKU */
    private function displays(Shop $shop, array $goods, Randomizer $chance): void
    {
        $shelf = $shop->shelves()->create(['name' => 'From the hive', 'density' => ShelfDensity::Cards, 'onwards' => Onwards::MiniCart]);
        foreach (array_values(array_intersect_key($goods, ['honey-340' => 1, 'wrap' => 1, 'candle' => 1, 'honey-170' => 1, 'hedgerow' => 1])) as $position => $product) {
            $shelf->picked()->attach($product->id, ['position' => $position]);
        }
        $shelf->save();
        $as = static fn (string $name, string $page): array => ['shop_id' => $shop->id, 'code' => PlacementCode::random($chance)->text, 'page' => $page, 'label' => "widget-{$name}", 'medium' => 'widget'];
        DisplayPlacement::query()->create(['shelf_id' => $shelf->id] + $as('shelf', 'Sundays, the side column'));
        DisplayPlacement::query()->create(['whole_table_id' => $shop->priceTables()->firstOrFail()->id] + $as('table', 'Night walks, the table'));
    }
}
