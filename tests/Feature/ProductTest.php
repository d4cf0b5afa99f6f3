<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ProductTest extends TestCase
{
    private const ENTRY = ['name' => 'Heather honey, 340 g', 'sku' => 'honey-340', 'price' => '9.80', 'picture' => 'honey-jar', 'tracks_stock' => true, 'stock' => '12'];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_product_is_put_in_changed_and_listed(): void
    {
        $id = $this->enter([])->assertCreated()->assertJsonPath('price.shown', '€9.80')->json('id');
        self::assertIsInt($id);

        $this->putJson($this->address("/{$id}"), ['tracks_stock' => false, 'price' => '0.99'] + self::ENTRY)->assertOk()->assertJsonPath('stock', null)->assertJsonPath('price.shown', '€0.99');
        $this->getJson($this->address('?search=ther+hon'))->assertOk()->assertJsonPath('at.total', 1)->assertJsonPath('items.0.sku', 'honey-340');
        $this->getJson($this->address('?search=%25'))->assertJsonPath('at.total', 0);
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('wrong')]
    public function test_a_wrong_entry_is_told_at_its_field_while_typing_and_when_saving(array $entry, string $field, string $sentence): void
    {
        $told = $this->enter($entry)->assertUnprocessable()->json("errors.{$field}.0");
        self::assertIsString($told);
        self::assertStringContainsString($sentence, $told);

        $this->postJson($this->address('/check'), $entry + self::ENTRY)->assertOk()->assertJsonPath("errors.{$field}.0", $told);
        self::assertSame(0, Product::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'The name is missing.'];
        yield 'a long name' => [['name' => str_repeat('x', 161)], 'name', 'shorten it to 160'];
        yield 'a control character' => [['name' => "a\u{0007}b"], 'name', 'control character'];
        yield 'no SKU' => [['sku' => ''], 'sku', 'The SKU is missing'];
        yield 'a comma in the SKU' => [['sku' => 'a,b'], 'sku', '“a-b” would do.'];
        yield 'a negative price' => [['price' => '-1'], 'price', 'is negative'];
        yield 'three decimals' => [['price' => '9.801'], 'price', 'more decimals than EUR'];
        yield 'no price' => [['price' => ''], 'price', 'missing'];
        yield 'an unknown drawing' => [['picture' => 'submarine'], 'picture', 'Pick one of the drawings.'];
        yield 'a negative stock' => [['stock' => '-1'], 'stock', "can't be -1"];
        yield 'no stock' => [['stock' => ''], 'stock', 'The stock is missing'];
        yield 'a list for a name' => [['name' => ['x']], 'name', 'string'];
    }

    public function test_a_sku_is_one_products_alone(): void
    {
        $this->enter([])->assertCreated();

        $this->enter([])->assertUnprocessable()->assertJsonPath('errors.sku.0', 'Another product of this shop has this SKU; choose a different one.');
        $this->enter(['sku' => 'HONEY-340'])->assertCreated();
    }

    public function test_text_of_every_script_is_kept_to_the_byte(): void
    {
        $name = "\u{200F}דבש 👩‍🌾🏽 <script>alert(1)</script>\u{200F}";

        $this->enter(['name' => $name, 'sku' => '🍯-דבש'])->assertCreated()->assertJsonPath('name', $name);
        self::assertSame([$name, '🍯-דבש'], [Product::query()->firstOrFail()->name, Product::query()->firstOrFail()->sku]);
    }

    public function test_a_price_is_read_back_while_it_is_typed(): void
    {
        $this->postJson($this->address('/check'), ['price' => '0.99'] + self::ENTRY)->assertOk()->assertExactJson(['price_shown' => '€0.99', 'errors' => []]);
        $this->postJson($this->address('/check'), [])->assertOk()->assertJsonPath('price_shown', null);
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
        yield from [['stock', -1], ['price_minor', -1], ['shop_id', 0]];
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
