<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Erasing\Erase;
use App\Http\Console\Once\OnlyOnce;
use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use App\OpenApi\Description;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Whoever never saw that something was made asks for it again: it is made once, and answered alike. */
final class OnlyOnceTest extends TestCase
{
    private Shop $shop;

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person = $this->person($this->shop));
    }

    public function test_what_is_asked_for_twice_under_one_name_is_made_once_and_answered_alike(): void
    {
        $form = $this->form('Heather honey');
        $first = $this->make('products', $form, 'one')->assertCreated();
        $second = $this->make('products', $form, 'one')->assertCreated();

        self::assertSame($first->getContent(), $second->getContent());
        self::assertSame(1, $this->made());
        $this->make('products', ['sku' => 'other'] + $form, 'two')->assertCreated();
        self::assertSame(2, $this->made());
    }

    public function test_a_copy_is_made_once_too_and_twice_under_two_names(): void
    {
        $product = $this->product($this->shop);
        foreach (['one', 'one', 'two'] as $name) {
            $this->make("products/{$product->id}/duplicate", [], $name)->assertSuccessful();
        }
        self::assertSame(3, $this->made());
    }

    public function test_another_act_under_the_name_of_one_that_is_done_is_refused(): void
    {
        $this->make('products', $this->form('Heather honey'), 'one')->assertCreated();
        $this->make('products', $this->form('Ling honey'), 'one')->assertStatus(422)->assertJsonPath('message', 'Something else was asked for under the name of this act; nothing was changed. Load the page again.');
        self::assertSame(1, $this->made());
    }

    public function test_an_act_that_was_refused_is_not_remembered_and_leaves_nothing(): void
    {
        $form = $this->form('Heather honey');
        $this->make('products', ['name' => ''] + $form, 'one')->assertStatus(422);
        $this->make('products', $form, 'one')->assertCreated();
        self::assertSame(1, $this->made());
    }

    public function test_a_name_belongs_to_one_person_in_one_shop(): void
    {
        $form = $this->form('Heather honey');
        $this->make('products', $form, 'one')->assertCreated();

        $other = $this->person($this->shop);
        $this->actingAs($other)->make('products', ['sku' => 'second'] + $form, 'one')->assertCreated();
        $elsewhere = $this->shop(['slug' => 'fern']);
        $elsewhere->people()->attach($this->person->id, ['role' => 'owner']);
        $this->actingAs($this->person)->make('products', $form, 'one', $elsewhere)->assertCreated();
        self::assertSame([2, 1], [$this->made(), Product::query()->where('shop_id', $elsewhere->id)->count()]);
    }

    #[DataProvider('unreadable')]
    public function test_a_name_that_is_none_is_told(string $name): void
    {
        $this->make('products', $this->form('Heather honey'), $name)->assertStatus(400);
        self::assertSame(0, $this->made());
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        yield 'empty' => [''];
        yield 'a sign too long' => [str_repeat('a', 65)];
        yield 'another script' => ['名'];
        yield 'with a space' => ['a b'];
    }

    public function test_answers_are_kept_for_a_day(): void
    {
        $this->make('products', $this->form('Heather honey'), 'one')->assertCreated();
        $kept = fn (): int => DB::table('acts_done')->where('shop_id', $this->shop->id)->count();
        DB::table('acts_done')->where('shop_id', $this->shop->id)->update(['at' => now()->subHours(23)]);
        app(Erase::class)();
        self::assertSame(1, $kept());
        DB::table('acts_done')->where('shop_id', $this->shop->id)->update(['at' => now()->subHours(25)]);
        app(Erase::class)();
        self::assertSame(0, $kept());
    }

    public function test_the_console_names_what_is_made_once_and_its_description_says_so(): void
    {
        $source = (string) file_get_contents(resource_path('js/console/lib/actNames.ts'));
        preg_match('~const MAKING =\s+/(.+)/\n~', $source, $found);
        $making = $found[1] ?? self::fail('The console names nothing.');
        $described = json_decode(Description::json(), true, flags: JSON_THROW_ON_ERROR);
        $once = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $isOnce = in_array(OnlyOnce::class, $route->gatherMiddleware(), true);
            $path = '/'.str_replace(['{shop}', '{product}', '{offer}', '{priceTable}', '{shelf}', '{order}', '{download}', '{giftCard}', '{key}'], ['mosslight', '7', '7', '7', '7', '7', '7', '7', 'nordkai'], $route->uri());
            self::assertSame($isOnce, $route->methods() === ['POST'] && preg_match("~{$making}~", $path) === 1, $route->uri());
            if ($isOnce) {
                $once++;
                $parameters = data_get($described, ['paths', str_replace('{order}', '{number}', substr('/'.$route->uri(), strlen('/api'))), 'post', 'parameters']);
                self::assertContains(['$ref' => '#/components/parameters/act'], (array) $parameters, $route->uri());
            }
        }
        self::assertSame(19, $once);
    }

    /** @return array<mixed> */
    private function form(string $name): array
    {
        return ['name' => $name, 'price' => '9.80'] + (array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/blank"))->json('entry');
    }

    /**
     * @param  array<mixed>  $form
     * @return TestResponse<Response>
     */
    private function make(string $what, array $form, string $name, ?Shop $shop = null): TestResponse
    {
        return $this->postJson($this->console('/api/shops/'.($shop ?? $this->shop)->slug."/{$what}"), $form, [OnlyOnce::HEADER => $name]);
    }

    private function made(): int
    {
        return Product::query()->where('shop_id', $this->shop->id)->count();
    }
}
