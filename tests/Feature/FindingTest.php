<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\ProductForm;
use App\Changes\Subject;
use App\Finding\WriteInherited;
use App\Finding\WriteWords;
use App\Models\Shop;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Things are found by the words that a seller sees of them. */
final class FindingTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    #[DataProvider('searches')]
    public function test_a_product_is_found_by_what_its_form_says(string $typed, bool $isFound): void
    {
        $form = ['name' => 'Crème of heather honey', 'sku' => 'honey-340', 'price' => '9.80', 'categories' => ['Gifts for Ümit'], 'options' => [['name' => 'Size', 'choices' => [['name' => 'Small'], ['name' => '蜂蜜の大']]]], 'variants' => [['choices' => ['Small'], 'sku' => 'honey-s'], ['choices' => ['蜂蜜の大'], 'sku' => 'honey-l']]];
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), $form + self::sent(ProductForm::blank()))->assertCreated();

        self::assertSame($isFound ? ['Crème of heather honey'] : [], $this->found($typed));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function searches(): iterable
    {
        yield 'beginnings in any order' => ['hon crem', true];
        yield 'the SKU' => ['honey-340', true];
        yield 'the SKU of a variant' => ['honey-s', true];
        yield 'a choice' => ['蜜の', true];
        yield 'a category' => ['umit', true];
        yield 'its kind' => ['goods', true];
        yield 'the middle of a word' => ['oney', false];
        yield 'one word too many' => ['honey jar', false];
        yield 'signs that stand for anything' => ['%', false];
        yield 'signs beside a word' => ['h%y', false];
    }

    public function test_what_is_renamed_is_found_by_its_new_name_alone_and_in_its_own_shop_alone(): void
    {
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), ['name' => 'Willow honey', 'sku' => 'jar-7', 'price' => '9.80'] + self::sent(ProductForm::blank()))->json('id');
        $entry = $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/".(is_int($id) ? $id : 0)))->json('entry');
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/".(is_int($id) ? $id : 0)), ['name' => 'Lime blossom'] + (is_array($entry) ? $entry : []))->assertOk();

        self::assertSame([[], ['Lime blossom']], [$this->found('willow hon goods'), $this->found('lime')]);
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $this->getJson($this->console("/api/shops/{$other->slug}/products?search=lime"))->assertJsonCount(0, 'items');
    }

    public function test_whoever_types_a_sku_finds_that_product_first(): void
    {
        $this->stocked(['name' => 'A jar for honey', 'sku' => 'jar-honey'], ['name' => 'Zest', 'sku' => 'honey'], ['name' => 'Another honey', 'sku' => 'honey-340']);

        self::assertSame(['Zest', 'A jar for honey', 'Another honey'], $this->found('honey'));
    }

    #[DataProvider('offers')]
    public function test_an_offer_is_found_by_what_its_row_shows(string $typed, bool $isFound): void
    {
        $this->placement($this->offer($this->product($this->shop, ['name' => 'Crème of heather honey', 'sku' => 'honey-340'])), 'Hedge & Hollow: 春の記事');

        self::assertSame($isFound ? 1 : 0, $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers?search=".rawurlencode($typed)))->assertOk()->json('at.total'), $typed);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function offers(): iterable
    {
        yield 'a caption that comes by default' => ['buy now', true];
        yield 'its look, that is the shop’s' => ['kite silk', true];
        yield 'its goods' => ['creme hon', true];
        yield 'their SKU' => ['honey-340', true];
        yield 'its place' => ['hollow', true];
        yield 'its place, in the middle of a run' => ['の記', true];
        yield 'its state' => ['live', true];
        yield 'where it leads' => ['straight paying', true];
        yield 'another state' => ['paused', false];
        yield 'another word' => ['candle', false];
    }

    public function test_what_an_offer_inherits_is_found_under_its_new_name_once_the_queue_has_come_to_it(): void
    {
        $product = $this->product($this->shop, ['name' => 'Willow honey', 'sku' => 'jar-7']);
        $this->offer($product);
        $entry = self::sent(ProductForm::of($product->load(['variants', 'categories', 'pictures', 'addOns', 'addresses']), $this->shop->zone()));
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$product->id}"), ['name' => 'Lime blossom'] + $entry)->assertOk();
        (new WriteInherited($this->shop->id, Subject::Product, $product->id))->handle(app(WriteWords::class));
        self::assertSame([0, 1], [$this->offersFound('willow'), $this->offersFound('lime blossom')]);

        $look = $this->shop->looks()->firstOrFail();
        $look->update(['name' => 'Storm']);
        (new WriteInherited($this->shop->id, Subject::Look, $look->id))->handle(app(WriteWords::class));
        self::assertSame(1, $this->offersFound('storm'));
    }

    public function test_what_is_archived_is_out_of_sight_until_it_is_asked_for_and_counted_all_the_same(): void
    {
        $this->placement($this->offer($this->product($this->shop)));
        $old = $this->offer($this->product($this->shop, ['name' => 'Old honey']));
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/{$old->id}/state"), ['state' => 'archived'])->assertOk();

        self::assertSame([1, 0, 1], [$this->offersFound(''), $this->offersFound('old'), $this->offersFound('old', '&state=archived')]);
        $counts = fn (string $query): mixed => array_column((array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/states{$query}"))->assertOk()->json('items'), 'count', 'state');
        self::assertSame(['live' => 1, 'draft' => 0, 'paused' => 0, 'archived' => 1], $counts(''));
        self::assertSame(['live' => 0, 'draft' => 0, 'paused' => 0, 'archived' => 1], $counts('?search=archived'));
    }

    private function offersFound(string $typed, string $more = ''): mixed
    {
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers?search=".rawurlencode($typed).$more))->assertOk()->json('at.total');
    }

    /** @param  array<string, string>  ...$products */
    private function stocked(array ...$products): void
    {
        foreach ($products as $with) {
            $this->product($this->shop, $with);
        }
        $this->command('search:write')->assertSuccessful();
    }

    /** @return list<string> the names on the first page */
    private function found(string $typed): array
    {
        $items = $this->getJson($this->console("/api/shops/{$this->shop->slug}/products?search=".rawurlencode($typed)))->assertOk()->json('items');

        return array_values(array_filter(array_column(is_array($items) ? $items : [], 'name'), is_string(...)));
    }
}
