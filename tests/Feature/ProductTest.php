<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Shopfront\FindGoods;
use DateTimeZone;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Sale;
use PaperKite\Money\Money;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Time\Moment;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ProductTest extends TestCase
{
    private const ENTRY = ['name' => 'Heather honey, 340 g', 'sku' => 'honey-340', 'price' => '9.80', 'picture' => 'honey-jar', 'tracks_stock' => true, 'stock' => '12'];

    private const WRAP = [
        'name' => 'Beeswax food wrap', 'sku' => 'wrap', 'price' => '7.00', 'tracks_stock' => false,
        'options' => [
            ['name' => 'Size', 'choices' => [['name' => 'Small', 'price' => '6.50', 'adds' => ''], ['name' => 'Large', 'price' => '11.00', 'adds' => '']]],
            ['name' => 'Print', 'choices' => [['name' => 'Plain', 'price' => '', 'adds' => ''], ['name' => 'Clover', 'price' => '', 'adds' => '0.75']]],
        ],
        'variants' => [
            ['choices' => ['Small', 'Plain'], 'sku' => 'wrap-s', 'price' => '', 'stock' => '5', 'weight' => '', 'picture_id' => null, 'is_preselected' => true],
            ['choices' => ['Large', 'Clover'], 'sku' => 'wrap-l', 'price' => '10.00', 'stock' => '', 'weight' => '95', 'picture_id' => null, 'is_preselected' => false],
        ],
    ];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_product_is_put_in_changed_and_listed(): void
    {
        $id = $this->enter([])->assertCreated()->assertJsonPath('entry.price', '9.80')->json('id');
        self::assertIsInt($id);

        $this->putJson($this->address("/{$id}"), ['tracks_stock' => false, 'price' => '0.99'] + self::ENTRY)->assertOk()->assertJsonPath('entry.stock', '')->assertJsonPath('entry.price', '0.99');
        $this->getJson($this->address('?search=hon+heath'))->assertOk()->assertJsonPath('at.total', 1)->assertJsonPath('items.0.sku', 'honey-340')->assertJsonPath('items.0.price_shown', '€0.99');
        $this->getJson($this->address('?search=%25'))->assertJsonPath('at.total', 0);
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('wrong')]
    public function test_a_wrong_entry_is_told_at_its_field_while_typing_and_when_saving(array $entry, string $field, string $sentence): void
    {
        $told = ((array) ((array) $this->enter($entry)->assertUnprocessable()->json('errors'))[$field])[0] ?? null;
        self::assertIsString($told);
        self::assertStringContainsString($sentence, $told);

        $this->postJson($this->address('/check'), $entry + self::ENTRY)->assertOk()->assertJson(['errors' => [$field => [$told]]]);
        self::assertSame(0, Product::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'The name is missing.'];
        yield 'a long name' => [['name' => str_repeat('x', 161)], 'name', 'shorten it to 160'];
        yield 'a control character' => [['name' => "a\u{0007}b"], 'name', 'control character'];
        yield 'no SKU, and no name that gives one' => [['sku' => '', 'name' => '!!!'], 'sku', 'The SKU is missing'];
        yield 'a comma in the SKU' => [['sku' => 'a,b'], 'sku', '“a-b” would do.'];
        yield 'a negative price' => [['price' => '-1'], 'price', 'is negative'];
        yield 'three decimals' => [['price' => '9.801'], 'price', 'more decimals than EUR'];
        yield 'no price' => [['price' => ''], 'price', 'missing'];
        yield 'an unknown drawing' => [['picture' => 'submarine'], 'picture', 'Pick one of the drawings, or none.'];
        yield 'a negative stock' => [['stock' => '-1'], 'stock', "can't be -1"];
        yield 'no stock' => [['stock' => ''], 'stock', 'The stock is missing'];
        yield 'a sale above the price' => [['sale_price' => '9.81'], 'sale_price', 'above the price'];
        yield 'a sale that ends first' => [['sale_price' => '9.00', 'sale_from' => '2026-05-02T00:00', 'sale_until' => '2026-05-01T00:00'], 'sale_until', 'before it begins'];
        yield 'a day that does not exist' => [['sale_price' => '9.00', 'sale_from' => '2026-02-30T00:00'], 'sale_from', 'does not exist'];
        yield 'a weight in words' => [['weight' => 'heavy'], 'weight', 'not a weight'];
        yield 'an option without a name' => [['options' => [['name' => '', 'choices' => [['name' => 'Small']]]]], 'options.0.name', 'missing'];
        yield 'two equal choices' => [['options' => [['name' => 'Size', 'choices' => [['name' => 'Small'], ['name' => 'Small']]]]], 'options.0.choices.1.name', 'already'];
        yield 'two options that set prices' => [['options' => [['name' => 'Size', 'choices' => [['name' => 'S', 'price' => '1']]], ['name' => 'Print', 'choices' => [['name' => 'P', 'price' => '1']]]]], 'options.1.name', 'sets the price already'];
        yield 'a variant with the product’s SKU' => [['sku' => 'wrap', 'variants' => [['sku' => 'wrap'] + self::WRAP['variants'][0]]] + self::WRAP, 'variants.0.sku', 'stands here twice'];
        yield 'two preselected' => [['variants' => array_map(static fn (array $variant): array => ['is_preselected' => true] + $variant, self::WRAP['variants'])] + self::WRAP, 'variants', 'keep one'];
        yield 'a summary over its limit' => [['summary' => '<p>'.str_repeat('x', 15_000).'</p>'], 'summary', 'The summary with its bold, lists and links has 15007 characters; shorten it to 15000.'];
        yield 'a summary that outgrows it once it is safe' => [['summary' => '<p>'.str_repeat("'", 4_000).'</p>'], 'summary', 'has 24007 characters'];
        yield 'a description over its limit' => [['description' => str_repeat('蜜', 40_001)], 'description', 'has 40001 characters'];
        yield 'a list for a name' => [['name' => ['x']], 'name', 'missing'];
    }

    public function test_a_sku_is_one_products_alone(): void
    {
        $this->enter([])->assertCreated();

        $this->enter([])->assertUnprocessable()->assertJsonPath('errors.sku.0', 'Another product of this shop has the SKU “honey-340”; choose a different one.');
        $this->enter(['sku' => 'HONEY-340'])->assertCreated();
    }

    public function test_text_of_every_script_is_kept_to_the_byte(): void
    {
        $name = "\u{200F}דבש 👩‍🌾🏽 <script>alert(1)</script>\u{200F}";

        $this->enter(['name' => $name, 'sku' => '🍯-דבש'])->assertCreated()->assertJsonPath('entry.name', $name);
        self::assertSame([$name, '🍯-דבש'], [Product::query()->firstOrFail()->name, Product::query()->firstOrFail()->sku]);
    }

    public function test_a_price_is_read_back_while_it_is_typed(): void
    {
        $this->postJson($this->address('/check'), ['price' => '0.99'] + self::ENTRY)->assertOk()->assertJsonPath('price_shown', '€0.99')->assertJsonPath('errors', []);
        $this->postJson($this->address('/check'), [])->assertOk()->assertJsonPath('price_shown', null);
    }

    public function test_options_make_variants_each_with_its_own(): void
    {
        $id = $this->enter(self::WRAP)->assertCreated()->assertJsonCount(2, 'entry.variants')->json('id');
        self::assertIsInt($id);
        $small = Variant::query()->where('sku', 'wrap-s')->firstOrFail();

        // Sold while the form is open: what the seller did not touch stays as it is.
        $small->update(['stock' => 3]);
        $variants = self::WRAP['variants'];
        $variants[0] = ['stock_seen' => 5, 'sku' => 'wrap-l'] + $variants[0];
        $variants[1] = ['sku' => 'wrap-s'] + $variants[1];
        $this->putJson($this->address("/{$id}"), ['variants' => $variants] + self::WRAP + self::ENTRY)->assertOk();

        self::assertSame(['wrap-l', 3], [$small->refresh()->sku, $small->stock]);
        $this->getJson($this->address('?search=wrap-s'))->assertJsonPath('items.0.variant_count', 2)->assertJsonPath('items.0.price_shown', 'from €6.50');
        $this->enter(['sku' => 'wrap-s'])->assertUnprocessable()->assertJsonValidationErrorFor('sku');
        $this->putJson($this->address("/{$id}"), ['options' => [], 'variants' => []] + self::ENTRY)->assertOk()->assertJsonCount(0, 'entry.variants');
    }

    public function test_combinations_are_read_back_with_their_prices(): void
    {
        $this->postJson($this->address('/check'), self::WRAP + self::ENTRY)->assertOk()
            ->assertJsonPath('combinations.1', ['choices' => ['Small', 'Clover'], 'price_shown' => '€7.25', 'sku' => 'wrap-small-clover'])
            ->assertJsonCount(4, 'combinations');
    }

    public function test_a_sale_is_read_back_as_a_timeline_in_the_shops_zone(): void
    {
        $this->shop->update(['rules' => new ShopRules($this->shop->currency(), new DateTimeZone('Europe/Dublin'), new TaxRates(true, []), null, [])]);
        $this->travelTo('2026-10-20T12:00:00Z');

        $this->postJson($this->address('/check'), ['sale_price' => '8.40', 'sale_from' => '2026-10-24T00:00', 'sale_until' => '2026-10-26T00:00'] + self::ENTRY)->assertOk()->assertJsonPath('timeline', [
            ['price' => '€9.80', 'from' => null, 'is_now' => true, 'is_sale' => false],
            ['price' => '€8.40', 'from' => '24 Oct 2026, 00:00', 'is_now' => false, 'is_sale' => true],
            ['price' => '€9.80', 'from' => '26 Oct 2026, 00:00', 'is_now' => false, 'is_sale' => false],
        ]);
        $this->enter(['sale_price' => '8.40', 'sale_from' => '2026-10-24T00:00', 'sale_until' => '2026-10-26T00:00'])->assertCreated();
        self::assertSame(['2026-10-23 23:00:00', '2026-10-26 00:00:00'], [(string) Product::query()->firstOrFail()->sale_from, (string) Product::query()->firstOrFail()->sale_until]);
    }

    public function test_categories_are_made_where_they_are_picked_and_add_ons_are_the_shops_own(): void
    {
        $other = $this->product($this->shop());
        $mine = $this->product($this->shop);

        $this->enter(['categories' => ['Honey', 'Gifts'], 'add_ons' => [$other->id, $mine->id]])->assertCreated()->assertJsonPath('entry.categories', ['Gifts', 'Honey'])->assertJsonPath('entry.add_ons', [$mine->id]);
        self::assertSame(2, $this->shop->categories()->count());
    }

    public function test_as_much_rich_text_as_may_be_is_kept_whole(): void
    {
        $summary = str_repeat('🍯', 15_000);
        $description = str_repeat('蜜', 40_000);

        $this->enter(['summary' => $summary, 'description' => $description])->assertCreated()->assertJsonPath('entry.summary', $summary)->assertJsonPath('entry.description', $description);
    }

    public function test_hostile_rich_text_does_nothing(): void
    {
        $this->enter(['description' => '<p onclick="x()">Dark<script>alert(1)</script> <a href="javascript:x()">and</a> <a href="https://tarn.example" style="x">slow</a><svg onload=x()></svg></p><img src=x onerror=x()>'])->assertCreated()
            ->assertJsonPath('entry.description', '<p>Dark <a rel="noopener nofollow">and</a> <a href="https://tarn.example" rel="noopener nofollow">slow</a></p>');
    }

    #[DataProvider('impossible')]
    public function test_what_must_never_be_the_database_refuses(string $column, int $value): void
    {
        $product = $this->product($this->shop, ['stock' => 1]);

        $this->expectException(QueryException::class);

        DB::table('products')->where('id', $product->id)->update([$column => $value]);
    }

    /** @return iterable<array{string, int}> */
    public static function impossible(): iterable
    {
        yield from [['stock', -1], ['price_minor', -1], ['shop_id', 0], ['sale_minor', 981], ['shipping_first_minor', 100]];
    }

    public function test_an_unchanged_save_keeps_the_sales_of_choices_and_variants(): void
    {
        $id = $this->enter(self::WRAP)->assertCreated()->json('id');
        $wrap = Product::query()->whereKey($id)->sole();
        $currency = $this->shop->currency();
        $sale = new Sale(Money::ofMinor(900, $currency), null, Moment::ofSeconds(2_000_000_000));
        [$size, $print] = $wrap->options;
        $wrap->update(['options' => [new Option($size->name, [$size->choices[0], new Choice('Large', new Price(Money::ofMinor(1100, $currency), $sale))]), $print]]);
        $wrap->variants()->where('sku', 'wrap-l')->update(['sale_minor' => 950]);
        $entry = $this->getJson($this->address("/{$wrap->id}"))->json('entry');
        self::assertIsArray($entry);

        $this->putJson($this->address("/{$wrap->id}"), $entry)->assertOk();
        self::assertEquals($sale, $wrap->refresh()->options[0]->choices[1]->price?->sale);
        self::assertSame([null, 950], $wrap->variants()->pluck('sale_minor')->all());

        // What falls to the sale, or below it, is no longer on sale.
        $entry['options'] = [['name' => 'Size', 'choices' => [['name' => 'Small', 'price' => '6.50', 'adds' => ''], ['name' => 'Large', 'price' => '8.99', 'adds' => '']]], self::WRAP['options'][1]];
        $entry['variants'] = [self::WRAP['variants'][0], ['price' => ''] + self::WRAP['variants'][1]];
        $this->putJson($this->address("/{$wrap->id}"), $entry)->assertOk();
        self::assertNull($wrap->refresh()->options[0]->choices[1]->price?->sale);
        self::assertSame([null, null], $wrap->variants()->pluck('sale_minor')->all());
    }

    public function test_a_sku_that_was_left_leads_on_and_names_nothing_else(): void
    {
        $id = $this->enter(self::WRAP)->assertCreated()->json('id');
        $renamed = ['sku' => 'cloth', 'variants' => [['sku' => 'cloth-s'] + self::WRAP['variants'][0], self::WRAP['variants'][1]]] + self::WRAP + self::ENTRY;
        $this->putJson($this->address('/'.(is_int($id) ? $id : 0)), $renamed)->assertOk();
        $find = app(FindGoods::class);

        self::assertSame(['cloth', 'cloth-s', 'wrap-l'], array_map(fn (string $sku): ?string => $find->bySku($this->shop, $sku)?->variant->sku ?? $find->bySku($this->shop, $sku)?->product->sku, ['wrap', 'wrap-s', 'wrap-l']));
        $this->enter(['sku' => 'wrap'])->assertUnprocessable()->assertJsonPath('errors.sku.0', 'Another product of this shop had the SKU “wrap” once, and links that name it lead there; choose a different one.');
        // The product itself may take it again, and its variants may change theirs among each other.
        $swapped = ['sku' => 'wrap', 'variants' => [['sku' => 'wrap-l'] + self::WRAP['variants'][0], ['sku' => 'wrap-s'] + self::WRAP['variants'][1]]] + self::WRAP + self::ENTRY;
        $this->putJson($this->address('/'.(is_int($id) ? $id : 0)), $swapped)->assertOk();
        self::assertSame(['Large', 'Clover'], $find->bySku($this->shop, 'wrap-s')?->variant?->choices);
        self::assertSame('wrap', $find->bySku($this->shop, 'cloth')?->product->sku);
        $this->enter(['sku' => 'wrap'])->assertUnprocessable()->assertJsonPath('errors.sku.0', 'Another product of this shop has the SKU “wrap”; choose a different one.');
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function enter(array $entry): TestResponse
    {
        return $this->postJson($this->address(''), $entry + self::ENTRY);
    }

    private function address(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/products{$path}");
    }
}
