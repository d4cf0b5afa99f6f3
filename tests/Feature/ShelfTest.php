<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Category;
use App\Models\DisplayPlacement;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use App\Results\WriteSpooled;
use App\Text\Secrets;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Results\EventKind;
use PaperKite\Shopfront\AfterAdding;
use PaperKite\Shopfront\ShopfrontRules;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Several products, or a category, in one place: each is sold without an offer of its own. */
final class ShelfTest extends TestCase
{
    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private Shop $shop;

    /** @var list<Product> */
    private array $goods;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->goods = array_map(fn (string $name): Product => $this->product($this->shop, ['sku' => strtolower($name), 'name' => $name, 'stock' => 20]), ['Honey', 'Candle', 'Soap']);
        $this->actingAs($this->person($this->shop));
    }

    public function test_what_was_picked_stands_in_the_order_in_which_it_was_picked(): void
    {
        $code = $this->placed($this->made([2, 0]));

        $told = $this->data($code)->assertOk()->assertJsonPath('shelves.0.name', 'From the hive')->assertJsonPath('shelves.0.density', 'cards')->assertJsonCount(2, 'shelves.0.items');
        self::assertSame(['soap', 'honey'], $told->json('shelves.0.items.*.item'));
        $told->assertJsonPath('shelves.0.items.0.caption', 'Add to cart')->assertJsonPath('shelves.0.items.0.price.amount', '9.80')->assertJsonPath('shelves.0.items.0.href', "{$this->shop->base()}/p/soap?k={$code}");
        self::assertSame([], $told->headers->getCookies());

        $this->goods[0]->update(['is_draft' => true]);
        $this->goods[2]->update(['stock' => 0]);
        self::assertSame(['sold_out'], $this->data($code)->json('shelves.0.items.*.state'));
    }

    public function test_a_category_is_shown_a_page_at_a_time(): void
    {
        $category = Category::query()->create(['shop_id' => $this->shop->id, 'name' => 'Pantry']);
        for ($i = 0; $i < 13; $i++) {
            $this->product($this->shop, ['sku' => "jar-{$i}", 'name' => sprintf('Jar %02d', $i)])->categories()->attach($category->id, ['shop_id' => $this->shop->id]);
        }
        $code = $this->placed($this->made([], ['category' => 'Pantry']));

        $this->data($code)->assertJsonCount(12, 'shelves.0.items')->assertJsonPath('shelves.0.pages', 2)->assertJsonPath('shelves.0.where', 'Page 1 of 2');
        $second = $this->data($code, '&page=2')->assertJsonCount(1, 'shelves.0.items')->assertJsonPath('shelves.0.items.0.item', 'jar-12')->assertJsonPath('shelves.0.page', 2);
        self::assertStringContainsString('max-age=3', (string) $second->headers->get('Cache-Control'));
        foreach (['&page=3' => 0, '&page=999999999999' => 0, '&page=x' => 12, '&page=-1' => 12] as $asked => $items) {
            $answer = $this->data($code, $asked)->assertOk();
            self::assertCount($items, (array) $answer->json('shelves.0.items'), $asked);
        }
        $this->get($this->at("/embed/data?v=1&codes=aaaaaa1,{$code}&page=2"))->assertStatus(400);
    }

    public function test_a_category_that_a_shelf_shows_stays_when_nothing_is_in_it_any_more(): void
    {
        $form = $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/{$this->goods[0]->id}"))->json('entry');
        $save = fn (array $categories): TestResponse => $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$this->goods[0]->id}"), ['categories' => $categories] + (is_array($form) ? $form : []))->assertOk();
        $save(['Pantry', 'Gifts']);
        $code = $this->placed($this->made([], ['category' => 'Pantry']));
        $save([]);
        $this->data($code)->assertJsonPath('shelves.0.note', 'The shelves are empty for now.');
        self::assertSame(['Pantry'], Category::query()->where('shop_id', $this->shop->id)->pluck('name')->all());
        $save(['Pantry']);
        $this->data($code)->assertJsonCount(1, 'shelves.0.items');
    }

    public function test_a_click_adds_the_product_and_counts_for_the_shelf(): void
    {
        $code = $this->placed($this->made([0, 1]));
        $added = $this->embed('cart/add', ['code' => $code, 'in' => $code, 'item' => 'honey'])->assertOk()->assertJsonPath('count', 1);
        $this->embed('cart/add', ['code' => $code, 'in' => $code, 'item' => 'candle', 'quantity' => '3', 'token' => $added->json('token')])->assertOk()->assertJsonPath('count', 4);
        $this->embed('seen', ['click' => $code, 'in' => $code]);
        app(WriteSpooled::class)();

        $place = DisplayPlacement::query()->where('code', $code)->firstOrFail()->id;
        self::assertSame([[EventKind::Add->value, 0, $place, $this->goods[0]->id], [EventKind::Add->value, 0, $place, $this->goods[1]->id], [EventKind::Click->value, 0, $place, 0]], $this->events());
        $this->embed('cart/add', ['code' => $code, 'item' => 'soap'])->assertStatus(409);
        $this->embed('cart/add', ['code' => $code, 'item' => "honey' OR 1"])->assertStatus(409);
        DisplayPlacement::query()->where('code', $code)->firstOrFail()->update(['paused_at' => now()]);
        $this->embed('cart/add', ['code' => $code, 'item' => 'honey'])->assertStatus(409);
    }

    public function test_all_about_an_item_is_told_with_what_is_still_to_be_said(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wrap', 'description' => '<p>Keeps a loaf <a href="https://fern.example/">for a week</a>.</p>', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small')])]]);
        $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'wrap-small', 'choices' => ['Small'], 'choices_digest' => hash('sha256', 'Small'), 'stock' => 5]);
        $this->goods[] = $wrap;
        $code = $this->placed($this->made([3]));

        $this->data($code)->assertJsonPath('shelves.0.items.0.caption', 'Choose')->assertJsonPath('shelves.0.items.0.pops_up', true)->assertJsonPath('shelves.0.items.0.questions', []);
        $whole = $this->data($code, '&whole=1&item=wrap')->assertOk()->assertJsonPath('widgets.0.form', 'story')->assertJsonPath('widgets.0.questions.0.options.0.name', 'Size')->assertJsonPath('widgets.0.ask.most', 99)
            ->assertJsonPath('widgets.0.story.0.text.0.as', 'p')->assertJsonPath('widgets.0.story.0.text.0.in.1.href', 'https://fern.example/')->assertJsonPath('widgets.0.caption', 'Add to cart');
        self::assertStringContainsString('max-age=3', (string) $whole->headers->get('Cache-Control'));
        $this->data($code, '&whole=1&item=nothing')->assertOk()->assertJsonPath('widgets', []);
        $this->embed('cart/add', ['code' => $code, 'item' => 'wrap', 'quantity' => '2'])->assertUnprocessable();
        $this->embed('cart/add', ['code' => $code, 'item' => 'wrap', 'quantity' => '2', 'choice' => [['Small']]])->assertOk()->assertJsonPath('count', 2);
    }

    public function test_its_link_opens_a_page_with_the_same_goods_whose_buttons_count_for_it(): void
    {
        $this->shop->update(['shopfront' => new ShopfrontRules(afterAdding: AfterAdding::Stay)]);
        $code = $this->placed($this->made([0, 1]));
        $visitor = Secrets::token();
        $this->visit("/k/{$code}", $visitor)->assertRedirect("/o/{$code}");
        $page = (string) $this->visit("/o/{$code}", $visitor)->assertOk()->assertHeader('X-Robots-Tag', 'noindex')->assertSeeInOrder(['From the hive', 'Honey', 'Candle'])->getContent();
        self::assertStringContainsString("/p/honey?k={$code}", $page);

        foreach (['honey', 'candle'] as $sku) {
            $this->withUnencryptedCookie('kite_visitor', $visitor)->post($this->at('/cart/add'), ['sku' => $sku, 'quantity' => '1', 'k' => $code])->assertRedirect("/o/{$code}?after=added");
        }
        $this->visit("/o/{$code}?after=added", $visitor)->assertSee('It is in your cart.');
        $place = DisplayPlacement::query()->where('code', $code)->firstOrFail()->id;
        self::assertSame([$place, $place], CartLine::query()->whereIn('cart_id', Cart::query()->where('shop_id', $this->shop->id)->select('id'))->pluck('placement_id')->all());
        // What does not stand there is not credited to it.
        $this->withUnencryptedCookie('kite_visitor', $visitor)->post($this->at('/cart/add'), ['sku' => 'soap', 'quantity' => '1', 'k' => $code])->assertRedirect('/?after=added');
        self::assertNull(CartLine::query()->where('product_id', $this->goods[2]->id)->firstOrFail()->placement_id);
    }

    public function test_a_partners_goods_lead_out_from_it(): void
    {
        $lamp = $this->partnerProduct($this->shop, ['sku' => 'lamp', 'name' => 'Storm lamp'], $this->marketplace($this->shop));
        $this->goods[] = $lamp;
        self::assertSame(ProductKind::Partner, $lamp->kind);
        $code = $this->placed($this->made([3]));

        $told = $this->data($code)->assertOk()->assertJsonPath('shelves.0.items.0.click', 'follow')->assertJsonPath('shelves.0.items.0.href', "{$this->shop->base()}/to/lamp?k={$code}");
        self::assertNotSame('', $told->json('shelves.0.items.0.note'));
        $this->visit("/to/lamp?k={$code}", '')->assertStatus(302);
        self::assertSame(1, $this->acts($this->shop, EventKind::Lead));
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_what_is_wrong_is_said_at_its_field(array $wrong, string $field): void
    {
        $this->postJson($this->api(''), $wrong + $this->form([0]))->assertUnprocessable()->assertJsonValidationErrorFor($field);
        self::assertSame(0, Shelf::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name'];
        yield 'a name too long' => [['name' => str_repeat('é', 81)], 'name'];
        yield 'nothing on it' => [['products' => []], 'products'];
        yield 'somebody else’s goods' => [['products' => [999_999_999]], 'products'];
        yield 'too much on it' => [['products' => range(1, 61)], 'products'];
        yield 'an unknown category' => [['category' => 'Nothing'], 'category'];
        yield 'an unknown density' => [['density' => 'heap'], 'density'];
        yield 'leading away' => [['onwards' => 'pay'], 'onwards'];
    }

    public function test_names_differ_forms_are_kept_and_it_comes_back_when_it_was_deleted(): void
    {
        $id = $this->made([0]);
        $this->postJson($this->api(''), $this->form([1]))->assertUnprocessable()->assertJsonValidationErrorFor('name');
        $code = $this->placed($id);
        $this->putJson($this->api("/{$id}"), ['name' => 'Пасека', 'density' => 'rows', 'version' => 1] + $this->form([1, 0]))->assertOk()->assertJsonPath('version', 2)->assertJsonPath('place_count', 1);
        self::assertSame(['candle', 'honey'], $this->data($code)->assertJsonPath('shelves.0.density', 'rows')->json('shelves.0.items.*.item'));
        $this->getJson($this->api('?search=пасек'))->assertJsonCount(1, 'items');
        $this->getJson($this->api('?search=candle'))->assertJsonCount(1, 'items');
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/history/shelf/{$id}"))->assertOk()->assertJsonCount(2, 'items');

        $delete = fn (bool $isDeleted): TestResponse => $this->postJson($this->console("/api/shops/{$this->shop->slug}/deleted/shelf/{$id}"), ['is_deleted' => $isDeleted])->assertSuccessful();
        $delete(true);
        $this->visit("/k/{$code}", '')->assertStatus(410);
        $this->data($code)->assertJsonPath('shelves', []);
        $this->getJson($this->api(''))->assertJsonCount(0, 'items');
        $delete(false);
        $this->visit("/k/{$code}", '')->assertRedirect("/o/{$code}");
    }

    public function test_it_is_shown_before_it_is_saved(): void
    {
        $this->postJson($this->api('/trial'), ['name' => ''] + $this->form([1, 0]))->assertOk()->assertJsonPath('shelf.items.0.item', 'candle')->assertJsonPath('errors.name', static fn (mixed $sentence): bool => is_string($sentence) && $sentence !== '');
        $this->postJson($this->api('/trial'), ['products' => [999_999_999]] + $this->form([]))->assertOk()->assertJsonPath('shelf.items', []);
        self::assertSame(0, Shelf::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_another_shop_neither_shows_nor_changes_it(): void
    {
        $id = $this->made([0]);
        $code = $this->placed($id);
        $other = $this->shop(['slug' => 'elsewhere', 'name' => 'Elsewhere']);
        $this->actingAs($this->person($other));

        $this->get("{$other->base()}/embed/data?v=1&codes={$code}")->assertJsonPath('shelves', []);
        $this->post("{$other->base()}/embed/cart/add", ['code' => $code, 'item' => 'honey'])->assertStatus(409);
        foreach (["/{$id}", "/{$id}/places"] as $path) {
            $this->getJson($this->console("/api/shops/{$other->slug}/shelves{$path}"))->assertNotFound();
        }
        $this->putJson($this->console("/api/shops/{$other->slug}/shelves/{$id}"), $this->form([0]))->assertNotFound();
    }

    /**
     * @param  list<int>  $goods  by their place among the goods of this test
     * @param  array<string, mixed>  $with
     */
    private function made(array $goods, array $with = []): int
    {
        $id = $this->postJson($this->api(''), $with + $this->form($goods))->assertCreated()->json('id');

        return is_int($id) ? $id : self::fail('It was not made.');
    }

    private function placed(int $shelf): string
    {
        $this->postJson($this->api("/{$shelf}/places"), ['page' => 'a recipe'])->assertCreated()->assertJsonPath('items.0.page', 'a recipe');

        return DisplayPlacement::query()->where('shelf_id', $shelf)->firstOrFail()->code;
    }

    /**
     * @param  list<int>  $goods  by their place among the goods of this test
     * @return array<string, mixed>
     */
    private function form(array $goods): array
    {
        return ['name' => 'From the hive', 'density' => 'cards', 'onwards' => 'mini_cart', 'category' => '', 'products' => array_map(fn (int $index): int => $this->goods[$index]->id, $goods)];
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/shelves{$path}");
    }

    private function at(string $path): string
    {
        return $this->shop->base().$path;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function visit(string $path, string $visitor): TestResponse
    {
        return $this->withUnencryptedCookie('kite_visitor', $visitor)->get($this->at($path), self::NAVIGATES);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function data(string $code, string $more = ''): TestResponse
    {
        return $this->get($this->at("/embed/data?v=1&codes={$code}{$more}"));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function embed(string $path, array $body): TestResponse
    {
        return $this->post($this->at("/embed/{$path}"), $body, ['Sec-Fetch-Mode' => 'cors', 'Sec-Fetch-Dest' => 'empty', 'Origin' => 'http://blog.example']);
    }

    /** @return list<list<int>> kind, offer, placement and product of all that was counted */
    private function events(): array
    {
        /** @var list<list<int>> */
        return array_values(DB::table('events')->where('shop_id', $this->shop->id)->orderBy('id')->get(['kind', 'offer_id', 'placement_id', 'product_id'])->map(static fn (object $event): array => array_values((array) $event))->all());
    }
}
