<?php

declare(strict_types=1);

namespace App\Demo;

use App\Changes\Editing;
use App\Models\Marketplace;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Partners\ReadyMarketplaces;
use App\Partners\SaveMarketplace;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\EventGoods;
use App\Results\RecordEvent;
use App\Results\Source;
use App\Time\Clock;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Link\Device;
use PaperKite\Link\PlacementCode;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Partner\Item;
use PaperKite\Results\EventKind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What the beekeeper shows of others: three made-up merchants' goods, each named in a way of its own, with ninety days of clicks. */
final readonly class MosslightPartners
{
    private const SEED = 20260421;

    private const PARTNER_ID = 'mosslight-21';

    private const DAYS = 90;

    /** Where shoppers are, the most of them first. */
    private const COUNTRIES = ['IE', 'IE', 'IE', 'GB', 'GB', 'DE', 'SE', 'ES', 'FR'];

    public function __construct(
        private ReadyMarketplaces $ready,
        private SaveMarketplace $save,
        private RecordEvent $record,
        private MosslightReports $reports,
        private Clock $clock,
    ) {}

    public function load(Shop $shop): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $marketplaces = $this->marketplaces($shop);
        if ($marketplaces === []) {
            return;
        }
        $lantern = $this->product($shop, 'storm-lantern', 'Storm lantern, brass', Drawing::Lantern, '<p>The one that hangs in our porch. It burns for a night on a cup of oil.</p>');
        $blanket = $this->product($shop, 'wool-blanket', 'Lambswool blanket, slate', Drawing::Blanket, '<p>For the bench by the hives, from September on.</p>');
        $can = $this->product($shop, 'watering-can', 'Zinc watering can, 9 l', Drawing::WateringCan, '<p>Fills the bees’ water bowls without a splash.</p>');
        $gloves = $this->product($shop, 'goatskin-gloves', 'BROOMFIELD® Premium Goatskin Gloves, Long Cuff, Size L, 2 Pairs', null, '<p>Soft goatskin keeps stings out and lets the fingers feel the frame. The long cuff reaches the elbow and closes with a drawstring.</p>');
        $gloves->update(['text_by' => $this->clock->now()->addDays(21)->toDateString()]);
        $this->rates($marketplaces);
        $this->addresses($lantern, ['Wicker Lane Ireland' => ['item' => 'w204'], 'Wicker Lane Britain' => ['item' => 'w204']], $marketplaces, 4600, 'Lamps');
        $this->addresses($blanket, ['Nordkai Germany' => ['nr' => '90333'], 'Nordkai Sweden' => ['nr' => '90333']], $marketplaces, 8788, 'Wool');
        $this->addresses($can, ['Plaza Almendro' => ['category' => 'jardin', 'item' => '7301']], $marketplaces, 3400, 'Jardín');
        $this->addresses($gloves, ['Wicker Lane Ireland' => ['item' => 'w612']], $marketplaces, 2950, 'Garden');
        $places = [
            $this->place($this->offer($shop, $lantern, Opening::NewTab), 'Hedge & Hollow: evenings by the hives', $chance),
            $this->place($this->offer($shop, $blanket, Opening::OwnPage), 'September letter', $chance, ['medium' => 'email', 'label' => 'september-letter']),
            $this->place($this->offer($shop, $can, Opening::NewTab), 'Hedge & Hollow: water for bees', $chance),
        ];
        $this->clicks($shop, $places, [$lantern, $blanket, $can], $chance);
        $this->reports->load($marketplaces);
    }

    /** @return array<string, Marketplace> by name; none where no stand-ins run */
    private function marketplaces(Shop $shop): array
    {
        $made = [];
        foreach ($this->ready->all() as $partner) {
            foreach ($partner->entries(self::PARTNER_ID) as $entry) {
                $marketplace = ($this->save)($shop, null, $entry, Editing::byCommand());
                $made[$marketplace->name] = $marketplace;
            }
        }

        return $made;
    }

    private function product(Shop $shop, string $sku, string $name, ?Drawing $picture, string $summary): Product
    {
        return $shop->products()->create(['sku' => $sku, 'name' => $name, 'kind' => ProductKind::Partner, 'price_minor' => 0, 'currency' => $shop->currency, 'picture' => $picture, 'weight_unit' => 'g', 'summary' => $summary]);
    }

    /** @param  array<string, Marketplace>  $marketplaces */
    private function rates(array $marketplaces): void
    {
        $today = $this->clock->now();
        foreach ([
            'Wicker Lane Ireland' => [['Lamps', '4', null, null], ['Garden', '6', $today->subDays(60), $today->addDays(30)], ['', '3', null, null]],
            'Wicker Lane Britain' => [['Lamps', '4', null, null], ['', '3', null, null]],
            'Nordkai Germany' => [['Wool', '5', null, $today->addDays(20)], ['Wool', '4', $today->addDays(21), null], ['', '2.5', null, null]],
            'Nordkai Sweden' => [['', '2.5', null, null]],
            'Plaza Almendro' => [['Jardín', '7', null, null]],
        ] as $name => $rates) {
            foreach ($rates as $position => [$category, $percent, $from, $until]) {
                $marketplaces[$name]->rates()->create(['shop_id' => $marketplaces[$name]->shop_id, 'position' => $position, 'category' => $category, 'percent' => $percent, 'from_day' => $from?->toDateString(), 'until_day' => $until?->toDateString()]);
            }
        }
    }

    /**
     * @param  array<string, non-empty-array<string, string>>  $items  by the name of the marketplace; the first is for everybody else
     * @param  array<string, Marketplace>  $marketplaces
     */
    private function addresses(Product $product, array $items, array $marketplaces, int $price, string $category): void
    {
        foreach (array_keys($items) as $position => $name) {
            $isPriced = $position === 0;
            $product->addresses()->create([
                'shop_id' => $product->shop_id, 'marketplace_id' => $marketplaces[$name]->id, 'position' => $position, 'target' => new Item($items[$name]), 'is_fallback' => $position === 0 ? true : null,
                'category' => $category, 'check_at' => $this->clock->now(), 'price_minor' => $isPriced ? $price : null, 'priced_on' => $isPriced ? $this->clock->now()->subDays(6)->toDateString() : null,
            ]);
        }
    }

    private function offer(Shop $shop, Product $product, Opening $opening): Offer
    {
        $offer = $shop->offers()->create(['destination' => Onwards::Pay, 'cart_use' => CartUse::JustThis, 'opening' => $opening, 'state' => OfferState::Live]);
        $offer->lines()->create(['shop_id' => $shop->id, 'position' => 0, 'product_id' => $product->id, 'quantity' => 1]);

        return $offer;
    }

    /** @param  array<string, mixed>  $with */
    private function place(Offer $offer, string $page, Randomizer $chance, array $with = []): Placement
    {
        return $offer->placements()->create($with + ['shop_id' => $offer->shop_id, 'code' => PlacementCode::random($chance)->text, 'page' => $page, 'medium' => 'html']);
    }

    /**
     * @param  list<Placement>  $places
     * @param  list<Product>  $products  of the places, in their order
     */
    private function clicks(Shop $shop, array $places, array $products, Randomizer $chance): void
    {
        $shop->refresh();
        foreach ($products as $product) {
            $product->load('addresses.marketplace');
        }
        for ($day = self::DAYS; $day >= 0; $day--) {
            foreach ($places as $index => $place) {
                $count = $chance->getInt(0, 4 - $index);
                for ($i = 0; $i < $count; $i++) {
                    $this->click($shop, $place, $products[$index], $chance, $day);
                }
            }
        }
    }

    private function click(Shop $shop, Placement $place, Product $product, Randomizer $chance, int $day): void
    {
        $country = self::COUNTRIES[$chance->getInt(0, count(self::COUNTRIES) - 1)];
        $device = $chance->getInt(0, 2) === 0 ? Device::Desktop : Device::Phone;
        $address = $product->addresses->firstWhere('id', $product->route()->for($country));
        $source = Source::of($place);
        $events = [new Event(EventKind::Click, CountedShop::of($shop), $source, $country, $device)];
        if ($address !== null) {
            $events[] = new Event(EventKind::Lead, CountedShop::of($shop), $source, $country, $device, [new EventGoods($product->id)], $address->marketplace_id);
        }
        $this->record->at($this->clock->now()->subDays($day)->setTime($chance->getInt(7, 22), $chance->getInt(0, 59))->min($this->clock->now()), ...$events);
    }
}
