<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Changes\Editing;
use App\Downloads\AddFile;
use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Models\DisplayPlacement;
use App\Models\Marketplace;
use App\Models\Offer;
use App\Models\PartnerReport;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Product;
use App\Models\ProductFile;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Offers\FreshCode;
use App\Offers\PlaceDisplay;
use App\Offers\PlaceOffer;
use App\PartnerReports\StoreReport;
use App\Partners\SaveMarketplace;
use App\Results\WriteSpooled;
use App\Text\Secrets;
use App\Uploads\BeginUpload;
use App\Uploads\TakePart;
use Illuminate\Support\Facades\DB;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Download\FileName;
use PaperKite\Download\FileSize;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Partner\Item;
use PaperKite\Partner\MarketplaceEntry;
use PaperKite\People\Role;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Results\EventKind;
use PaperKite\Shopfront\ShelfDensity;
use PaperKite\Text\FormInput;

/** One valid shop with what belongs to it, from which a test changes what it is about. */
trait Makes
{
    /** @param  array<string, mixed>  $with */
    protected function shop(array $with = []): Shop
    {
        $name = 'tarn-'.bin2hex(random_bytes(4));

        $shop = Shop::query()->create($with + [
            'slug' => $name, 'name' => 'Tarn Side Goods', 'host' => "{$name}.localhost", 'currency' => 'EUR',
            'payee' => 'tarn-side',
        ])->refresh();
        $this->shipsFor($shop, 390);

        return $shop;
    }

    /** One fee for every order, wherever it goes, and no tax. */
    protected function shipsFor(Shop $shop, int $minor): void
    {
        $table = new ShippingTable(ShippingMeasure::Quantity, [new ShippingBand(0, $shop->money($minor))], null);
        $shop->update(['rules' => new ShopRules($shop->currency(), $shop->zone(), new TaxRates(true, []), null, [new ShippingZone('Everywhere', [ShippingZone::ANYWHERE], null, $table)])]);
    }

    protected function person(Shop $shop, string $password = 'a long enough password'): Person
    {
        $person = Person::query()->create(['name' => 'Wren Halloway', 'email' => bin2hex(random_bytes(5)).'@tarn.example', 'password' => $password]);
        $person->shops()->attach($shop->id, ['role' => Role::Owner]);

        return $person->refresh();
    }

    /** @param  array<string, mixed>  $with */
    protected function product(Shop $shop, array $with = []): Product
    {
        $product = $shop->products()->create($with + [
            'sku' => 'honey-'.bin2hex(random_bytes(3)), 'name' => 'Heather honey, 340 g', 'price_minor' => 980, 'currency' => $shop->currency,
            'picture' => Drawing::HoneyJar, 'stock' => null,
        ])->refresh();
        app(WriteWords::class)->of(Kind::Product, $shop, [$product->id]);

        return $product;
    }

    /** @param  array<string, mixed>  $with */
    protected function offer(Product $product, array $with = []): Offer
    {
        $quantity = $with['quantity'] ?? 1;
        $offer = Offer::query()->create(array_diff_key($with, ['quantity' => true]) + [
            'shop_id' => $product->shop_id, 'destination' => Onwards::Pay, 'cart_use' => CartUse::JustThis, 'caption' => null, 'state' => OfferState::Live,
        ])->refresh();
        $offer->lines()->create(['shop_id' => $product->shop_id, 'position' => 0, 'product_id' => $product->id, 'quantity' => $quantity]);

        app(WriteWords::class)->of(Kind::Offer, Shop::query()->whereKey($product->shop_id)->firstOrFail(), [$offer->id]);

        return $offer;
    }

    /**
     * A marketplace with its item in a parameter.
     *
     * @param  array<string, mixed>  $with  of its form
     */
    protected function marketplace(Shop $shop, array $with = []): Marketplace
    {
        $entry = MarketplaceEntry::read(FormInput::of($with + [
            'name' => 'Quay Sweden', 'partner' => 'Quay', 'scheme' => 'https', 'hosts' => ['quay.example'], 'port' => '', 'patterns' => [], 'item_address' => '/goods{?nr}', 'search_address' => '/find{?q}', 'keeps' => [],
            'id_parameter' => 'kaj', 'sub_id_parameter' => 'note', 'country' => 'SE', 'currency' => 'SEK', 'counts' => 'any', 'counts_for_hours' => '24', 'partner_id' => 'moss-7',
        ]));

        return app(SaveMarketplace::class)($shop, null, $entry, new Editing(null, null));
    }

    /** A report of a marketplace as it came, in a file of its own. */
    protected function report(Marketplace $marketplace, string $csv = "Date;Sub ID;Commission\n2026-05-01;;1,00\n"): PartnerReport
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'report');
        file_put_contents($path, $csv);
        try {
            return app(StoreReport::class)($marketplace->load('partner'), $path, 'may.csv', null);
        } finally {
            unlink($path);
        }
    }

    /**
     * Goods that a partner sells: the first marketplace is for everybody else.
     *
     * @param  array<string, mixed>  $with
     */
    protected function partnerProduct(Shop $shop, array $with = [], Marketplace ...$marketplaces): Product
    {
        $product = $this->product($shop, $with + ['kind' => ProductKind::Partner, 'sku' => 'lamp-'.bin2hex(random_bytes(3)), 'name' => 'Brass lamp']);
        foreach (array_values($marketplaces) as $position => $marketplace) {
            $product->addresses()->create(['shop_id' => $shop->id, 'marketplace_id' => $marketplace->id, 'position' => $position, 'target' => new Item(['nr' => '90210']), 'is_fallback' => $position === 0 ? true : null]);
        }

        return $product;
    }

    /** A file of a shop as it came, whole. */
    protected function stored(Shop $shop, string $bytes = 'twelve months of bees', string $name = 'guide.pdf'): StoredFile
    {
        $begun = app(BeginUpload::class)($shop, null, FileName::of($name), FileSize::of(strlen($bytes)));
        for ($offset = 0; $offset < strlen($bytes); $offset += FileSize::PART) {
            $part = substr($bytes, $offset, FileSize::PART);
            $stream = fopen('php://memory', 'w+b') ?: self::fail('There is no memory.');
            fwrite($stream, $part);
            $begun = app(TakePart::class)($begun, $offset, hash('sha256', $part, true), $stream);
        }

        return $begun;
    }

    /** Of a product that it is sold with. */
    protected function soldFile(Product $product, string $bytes = 'twelve months of bees', string $name = 'guide.pdf'): ProductFile
    {
        $shop = Shop::query()->findOrFail($product->shop_id);
        $file = app(AddFile::class)($shop, $this->stored($shop, $bytes, $name));
        $file->update(['product_id' => $product->id, 'position' => $product->files()->count(), 'free_since' => null]);

        return $file;
    }

    /** @return array<string, mixed> a form as it is sent */
    protected static function sent(object $form): array
    {
        /** @var array<string, mixed> */
        return json_decode(json_encode($form, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
    }

    /** How often it was done in this shop. */
    protected function acts(Shop $shop, EventKind $kind): int
    {
        app(WriteSpooled::class)();

        return $this->writtenActs($shop, $kind);
    }

    /** Likewise, without what waits in the spool. */
    protected function writtenActs(Shop $shop, EventKind $kind): int
    {
        return DB::table('events')->where(['shop_id' => $shop->id, 'kind' => $kind->value, 'is_act' => true])->count();
    }

    /**
     * A form of a price table.
     *
     * @param  list<int>  $offers  by id
     * @return array{name: string, columns: list<array{offer_id: int, name: string, text: string}>, stressed: int|null, badge: string}
     */
    protected static function tableEntry(string $name, array $offers, ?int $stressed = null): array
    {
        return ['name' => $name, 'columns' => array_map(static fn (int $offer): array => ['offer_id' => $offer, 'name' => '', 'text' => ''], $offers), 'stressed' => $stressed, 'badge' => ''];
    }

    /** Of a shelf of the shop's own, with these goods on it. */
    protected function display(Shop $shop, Product ...$goods): DisplayPlacement
    {
        $shelf = $shop->shelves()->create(['name' => 'A shelf '.Secrets::token(), 'density' => ShelfDensity::Cards, 'onwards' => Onwards::MiniCart]);
        foreach (array_values($goods) as $position => $product) {
            $shelf->picked()->attach($product->id, ['position' => $position]);
        }

        return (new PlaceDisplay(new FreshCode))->shelf($shelf, 'a recipe')->refresh();
    }

    /** @param  array<string, mixed>  $as */
    protected function placement(Offer $offer, string $page = 'the spring post', array $as = []): Placement
    {
        return (new PlaceOffer(new FreshCode))($offer, $as + ['page' => $page])->refresh();
    }
}
