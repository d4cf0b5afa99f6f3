<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Picture;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\File;
use PaperKite\Catalogue\Product as CatalogueProduct;
use Tests\TestCase;

/** The next product is made from one that is there: a draft with a name, SKUs and pictures of its own. */
final class DuplicateProductTest extends TestCase
{
    private Shop $shop;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->folder = sys_get_temp_dir().'/kite-pictures-'.bin2hex(random_bytes(4));
        File::makeDirectory($this->folder);
        config(['kite.pictures' => $this->folder]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_everything_is_taken_over_but_what_names_it_and_what_is_left_of_it(): void
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey', 'sku' => 'honey-340', 'stock' => 9, 'price_minor' => 1200, 'summary' => '<p>Dark</p>']);
        file_put_contents("{$this->folder}/a.webp", 'as it looks');
        $picture = Picture::query()->create(['shop_id' => $this->shop->id, 'product_id' => $product->id, 'position' => 1, 'file' => 'a.webp', 'width' => 10, 'height' => 10, 'alt' => 'A jar', 'created_at' => now()]);

        $copy = $this->duplicate($product);
        self::assertSame(['Heather honey (copy)', 'honey-340-2', true, 0, 1200, '<p>Dark</p>'], [$copy->name, $copy->sku, $copy->is_draft, $copy->stock, $copy->price_minor, $copy->summary]);
        $own = $copy->pictures->firstOrFail();
        self::assertSame(['A jar', 'as it looks'], [$own->alt, file_get_contents("{$this->folder}/{$own->file}")]);
        self::assertNotSame($picture->file, $own->file);
        self::assertSame(['Heather honey', 9, 1], [$product->refresh()->name, $product->stock, $product->pictures()->count()]);

        self::assertSame(['honey-340-3', 'honey-340-2-2'], [$this->duplicate($product)->sku, $this->duplicate($copy)->sku]);
    }

    public function test_variants_get_skus_of_their_own_and_long_names_are_still_names(): void
    {
        $name = str_pad('Honig', CatalogueProduct::LONGEST_NAME, 'x');
        $form = ['name' => $name, 'sku' => str_repeat('s', 64), 'price' => '9.80', 'options' => [['name' => 'Size', 'choices' => [['name' => 'S'], ['name' => 'L']]]], 'variants' => [['choices' => ['S'], 'sku' => 'v-s', 'stock' => '4'], ['choices' => ['L'], 'sku' => 'v-l']]];
        $blank = (array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/blank"))->json('entry');
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), $form + $blank)->assertCreated()->json('id');

        $copy = $this->duplicate(Product::query()->findOrFail(is_int($id) ? $id : 0));
        self::assertSame([str_repeat('s', 62).'-2', ['v-s-2', 'v-l-2'], [0, null]], [$copy->sku, $copy->variants->pluck('sku')->all(), $copy->variants->pluck('stock')->all()]);
        self::assertStringEndsWith(' (copy)', $copy->name);
    }

    public function test_a_product_of_another_shop_is_not_duplicated(): void
    {
        $foreign = $this->product($this->shop());

        $this->postJson($this->console("/api/shops/{$this->shop->slug}/products/{$foreign->id}/duplicate"))->assertNotFound();
    }

    private function duplicate(Product $product): Product
    {
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/products/{$product->id}/duplicate"))->assertCreated()->json('id');

        return Product::query()->with(['variants', 'pictures'])->findOrFail(is_int($id) ? $id : 0);
    }
}
