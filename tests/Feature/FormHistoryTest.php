<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\ProductForm;
use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What a form has said: what was changed, by whom, when; of which any can be put into it again. */
final class FormHistoryTest extends TestCase
{
    private Shop $shop;

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person = $this->person($this->shop));
    }

    public function test_each_change_is_told_with_what_stood_there_before(): void
    {
        $product = $this->product($this->shop, ['name' => 'Honey', 'stock' => 9]);
        $beside = $this->product($this->shop, ['name' => 'Candle']);
        $this->save($product, ['name' => 'Heather honey']);
        Product::query()->whereKey($product->id)->decrement('stock', 4);
        $this->save($product, ['price' => '12.00', 'add_ons' => [$beside->id], 'summary' => '<p>Dark &amp; late</p>']);

        $items = $this->history("product/{$product->id}")->assertJsonPath('at.total', 3)->json('items');
        self::assertIsArray($items);
        self::assertSame([
            [3, 'Wren Halloway', ['Short description: nothing → Dark & late', 'Price: 9.80 → 12.00', 'Suggested with it: nothing → Candle']],
            [2, 'Wren Halloway', ['Name: Honey → Heather honey']],
            [1, null, []],
        ], array_map(self::told(...), $items));
    }

    public function test_a_version_that_is_put_into_the_form_and_saved_is_what_it_was(): void
    {
        $product = $this->product($this->shop, ['name' => 'Honey']);
        $this->save($product, ['name' => 'Heather honey', 'price' => '12.00']);
        $first = $this->history("product/{$product->id}")->json('items.1.form');
        self::assertIsArray($first);

        $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$product->id}"), [...$first, 'version' => 2])->assertOk();
        self::assertSame(['Honey', 980], [$product->refresh()->name, $product->price_minor]);
    }

    public function test_what_a_shop_has_once_has_a_history_too(): void
    {
        $path = $this->console("/api/shops/{$this->shop->slug}/rules");
        $rules = (array) $this->getJson($path)->json();
        $this->putJson($path, ['home_country' => 'ES'] + $rules)->assertOk();

        self::assertSame('Country: IE → ES', self::told($this->history('rules/0')->json('items.0'))[2][0]);
        $this->history('checkout/0')->assertJsonPath('at.total', 0);
    }

    public function test_a_long_history_is_paged_and_each_page_knows_what_came_before_it(): void
    {
        $product = $this->product($this->shop, ['name' => 'Honey 0']);
        foreach (range(1, 21) as $number) {
            $this->save($product, ['name' => "Honey {$number}"]);
        }

        $page = $this->history("product/{$product->id}?page=1")->assertJsonPath('at.pages', 2)->assertJsonCount(20, 'items');
        self::assertSame(['Name: Honey 1 → Honey 2'], self::told($page->json('items.19'))[2]);
    }

    public function test_another_shops_history_is_not_told(): void
    {
        $product = $this->product($this->shop, ['name' => 'Honey']);
        $this->save($product, ['name' => 'Heather honey']);
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $this->shop = $other;

        $this->history("product/{$product->id}")->assertJsonPath('at.total', 0);
        $this->getJson($this->console("/api/shops/{$other->slug}/history/nonsense/1"))->assertNotFound();
    }

    /** @param  array<string, mixed>  $change */
    private function save(Product $product, array $change): void
    {
        $form = self::sent(ProductForm::of($product->refresh()->load(ProductForm::FILLED_WITH), $this->shop->zone()));
        $this->actingAs($this->person)->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$product->id}"), $change + $form)->assertOk();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function history(string $of): TestResponse
    {
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/history/{$of}"))->assertOk();
    }

    /** @return array{mixed, mixed, list<string>} */
    private static function told(mixed $version): array
    {
        self::assertIsArray($version);

        return [$version['version'], $version['person'], array_values(array_map(static fn (mixed $change): string => is_array($change) && is_string($change['label']) && is_string($change['before']) && is_string($change['after']) ? "{$change['label']}: {$change['before']} → {$change['after']}" : '', (array) $version['changes']))];
    }
}
