<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Changes\Editing;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Offers\SavePriceTable;
use Illuminate\Support\Facades\DB;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Medium\TableEntry;
use PaperKite\Offer\Opening;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** However long a list is, it asks the database as often as a short one does. */
final class ListQueriesTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    #[DataProvider('lists')]
    public function test_a_long_list_asks_no_more_than_a_short_one(string $path): void
    {
        $this->fill(2);
        $few = $this->queriesOf($path);
        $this->fill(9);

        self::assertSame($few, $this->queriesOf($path));
    }

    /** @return iterable<string, array{string}> */
    public static function lists(): iterable
    {
        foreach (['offers', 'offers?search=Offer', 'offers/examples', 'copies', 'price-tables', 'looks', 'products'] as $path) {
            yield $path => [$path];
        }
    }

    #[DataProvider('partnersLists')]
    public function test_a_long_list_of_partners_goods_asks_no_more_than_a_short_one(string $path): void
    {
        $marketplaces = [$this->marketplace($this->shop), $this->marketplace($this->shop, ['name' => 'Quay Germany', 'hosts' => ['quay-de.example'], 'country' => 'DE', 'currency' => 'EUR'])];
        $fill = function (int $goods) use ($marketplaces): void {
            for ($i = 0; $i < $goods; $i++) {
                $this->partnerProduct($this->shop, ['name' => "Lamp {$i}"], ...$marketplaces);
                $this->report($marketplaces[$i % 2]);
            }
        };
        $fill(2);
        $few = $this->queriesOf($path);
        $fill(9);

        self::assertSame($few, $this->queriesOf($path));
    }

    /** @return iterable<string, array{string}> */
    public static function partnersLists(): iterable
    {
        foreach (['prices', 'prices?search=Lamp', 'commission', 'reports', 'earnings?by=place', 'products?state=text_due'] as $path) {
            yield $path => [$path];
        }
    }

    public function test_the_proof_asks_as_often_for_many_goods_as_for_one(): void
    {
        $items = array_map(fn (): array => ['product_id' => $this->product($this->shop)->id, 'variant' => '', 'quantity' => '1'], range(1, 12));
        $entry = ['items' => [$items[0]]] + self::sent(OfferForm::of($this->offer($this->product($this->shop))->load(Offer::TOLD_WITH)));
        $address = $this->console("/api/shops/{$this->shop->slug}/offers/proof");
        $count = fn (array $entry): int => $this->counted(fn () => $this->postJson($address, $entry)->assertOk());

        self::assertSame($count($entry), $count(['items' => $items] + $entry));
    }

    #[DataProvider('goods')]
    public function test_a_click_that_adds_takes_six_statements_at_most(int $goods): void
    {
        $offer = $this->offer($this->product($this->shop));
        foreach (range(1, $goods) as $position) {
            $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => $position, 'product_id' => $this->product($this->shop)->id, 'quantity' => 1]);
        }
        $link = $this->placement($offer)->link($this->shop)->url();

        self::assertLessThanOrEqual(6, $this->counted(fn () => $this->get($link, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303)));
    }

    /** @return iterable<array{int}> */
    public static function goods(): iterable
    {
        yield from [[1], [5], [19]];
    }

    #[DataProvider('openings')]
    public function test_a_click_that_only_leads_on_takes_one_read(Opening $opening): void
    {
        $link = $this->placement($this->offer($this->varied(), ['opening' => $opening]))->link($this->shop)->url();

        self::assertSame(1, $this->counted(fn () => $this->get($link, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303)));
    }

    /** @return iterable<array{Opening}> */
    public static function openings(): iterable
    {
        yield from [[Opening::SameTab], [Opening::NewTab], [Opening::OwnPage]];
    }

    public function test_the_page_of_an_offer_asks_as_often_for_many_variants_as_for_one(): void
    {
        $pages = array_map(function (int $goods): string {
            $offer = $this->offer($this->product($this->shop), ['opening' => Opening::OwnPage]);
            foreach (range(1, $goods) as $position) {
                $wrap = $this->varied();
                $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => $position, 'product_id' => $wrap->id, 'variant_id' => $wrap->variants()->firstOrFail()->id, 'quantity' => 1]);
            }

            return "{$this->shop->base()}/o/{$this->placement($offer)->code}";
        }, [1, 9]);

        self::assertSame($this->counted(fn () => $this->get($pages[0])->assertOk()), $this->counted(fn () => $this->get($pages[1])->assertOk()));
    }

    private function fill(int $count): void
    {
        $offers = [];
        foreach (range(1, $count) as $number) {
            $offer = $this->offer($number % 2 === 0 ? $this->varied() : $this->product($this->shop), ['caption' => "Offer {$number}"]);
            $this->placement($offer, "page {$number}", ['copied' => str_repeat('0', 64), 'copied_at' => now(), 'is_stale' => true]);
            $offers[] = $offer->id;
        }
        app(SavePriceTable::class)($this->shop, null, TableEntry::read(FormInput::of(self::tableEntry('Table '.bin2hex(random_bytes(3)), array_slice($offers, 0, 2)))), Editing::byCommand());
    }

    private function varied(): \App\Models\Product
    {
        $sku = 'wrap-'.bin2hex(random_bytes(3));
        $wrap = $this->product($this->shop, ['sku' => $sku, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small')])]]);
        $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => "{$sku}-s", 'choices' => ['Small'], 'choices_digest' => hash('sha256', 'Small')]);

        return $wrap;
    }

    private function queriesOf(string $path): int
    {
        return $this->counted(fn () => $this->getJson($this->console("/api/shops/{$this->shop->slug}/{$path}"))->assertOk());
    }

    /** @param  callable(): mixed  $work */
    private function counted(callable $work): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $work();
        $count = count(DB::getQueryLog());
        DB::flushQueryLog();

        return $count;
    }
}
