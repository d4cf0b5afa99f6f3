<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Models\Order;
use App\Models\Product;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\DB;

/** The console's lists with nothing in them, with something, and with much; and what stands behind a row. */
final class SellerListsTest extends BrowserTestCase
{
    public function test_whoever_signs_out_is_led_to_the_sign_in_and_nothing_complains(): void
    {
        $this->atTheConsole()->click('Wren Halloway')->click('Sign out')->arrivingAt('/sign-in')->seeing('Password')->notSeeing('Products');
    }

    public function test_an_empty_list_says_what_comes_first(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products"))->seeing('There is no product yet. One is enough to make an offer.')
            ->goTo($this->consoleAddress("/{$this->shop->slug}/orders"))->seeing('No orders yet.')
            ->goTo($this->consoleAddress("/{$this->shop->slug}/offers"))->seeing('That sentence is an offer.');

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/nowhere"))->seeing('Nothing is here');
    }

    public function test_what_very_many_have_is_counted_so_far_and_says_so(): void
    {
        $one = $this->product($this->shop, ['name' => 'Jar no. 0']);
        $many = FindByWords::MOST_COUNTED + 5;
        $all = $many + 1;
        $row = ['shop_id' => $this->shop->id, 'currency' => 'EUR', 'price_minor' => 900, 'picture' => $one->picture, 'created_at' => now(), 'updated_at' => now()];
        DB::table('products')->insert(array_map(static fn (int $number): array => [...$row, 'sku' => "jar-{$number}", 'name' => "Jar no. {$number}"], range(1, $many)));
        DB::insert("INSERT IGNORE INTO search_words (shop_id, kind, word, thing_id) SELECT shop_id, ?, 'jar', id FROM products WHERE shop_id = ?", [Kind::Product->value, $this->shop->id]);

        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products"))->seeing("All {$all}")->seeing("For sale {$all}");
        $browser->type('Find by name, SKU or category', 'jar')->seeing('more than 1000')->notSeeing("For sale {$all}")->seeing('There is more; another word finds less.');
        $this->assertAccessible($browser, 'a list of more than are counted');
    }

    public function test_products_are_found_by_name_sku_and_category(): void
    {
        $this->product($this->shop, ['sku' => 'jar-7', 'name' => 'Willow honey']);
        $this->product($this->shop, ['sku' => 'candle', 'name' => 'Tall beeswax candle']);
        $browser = $this->atTheConsole()->click('Products')->seeing('Willow honey')->seeing('Tall beeswax candle');

        $browser->type('Find by name, SKU or category', 'willow')->notSeeing('Tall beeswax candle')->seeing('Willow honey')
            ->type('Find by name, SKU or category', 'candl')->notSeeing('Willow honey')->seeing('Tall beeswax candle')
            ->type('Find by name, SKU or category', 'soap')->seeing('No product fits “soap”.')
            ->press(WebDriverKeys::ESCAPE)->seeing('Willow honey')->seeing('Tall beeswax candle');

        $browser->click('Tall beeswax candle')->arrivingAt('/products/')->tag('Categories', 'From beeswax')->click('Save')->seeing('New product')
            ->seeing('Willow honey')->type('Find by name, SKU or category', 'beeswax')->notSeeing('Willow honey');
        $browser->goTo("{$this->shop->base()}/")->click('From beeswax')->seeing('Tall beeswax candle')->notSeeing('Willow honey');
    }

    public function test_a_long_list_is_turned_page_by_page(): void
    {
        foreach (range(1, 60) as $number) {
            $this->product($this->shop, ['sku' => sprintf('jar-%02d', $number), 'name' => sprintf('Jar %02d', $number)]);
        }
        $browser = $this->atTheConsole()->click('Products')->seeing('Products60');
        $first = $this->links($browser);
        $browser->click('After')->until(fn (): bool => self::page($browser) === '2' && $this->links($browser) !== $first, 'the second page');

        self::assertSame([20, 20, []], [count($first), count($this->links($browser)), array_intersect($first, $this->links($browser))]);
        $browser->clickCss('[aria-label="Page 3"]')->until(fn (): bool => self::page($browser) === '3' && ! self::isThereA($browser, 'After'), 'the end of the list');
        $browser->click('Before')->until(fn (): bool => self::page($browser) === '2', 'the page before');
        $browser->clickCss('[aria-label="Page 1"]')->until(fn (): bool => $this->links($browser) === $first, 'the first page again');
    }

    /** The one that is open, as it is numbered. */
    private static function page(Browser $browser): string
    {
        $page = $browser->evaluate('return document.querySelector("nav [aria-current=page][aria-label]")?.textContent.trim() ?? ""');

        return is_string($page) ? $page : '';
    }

    public function test_an_order_shows_what_was_paid_and_where_it_goes(): void
    {
        $product = $this->product($this->shop, ['sku' => 'jar-7', 'name' => 'Willow honey', 'cost_minor' => 400, 'stock' => 9]);
        $this->order($product);
        $product->update(['name' => 'Willow honey, new jar', 'price_minor' => 1500]);

        $browser = $this->atTheConsole()->click('Orders')->seeing('Willow honey')->type('Find by number, name, mail, SKU', 'nobody')->seeing('No order fits “nobody”.')
            ->type('Find by number, name, mail, SKU', 'ada@')->seeing('Ada Nwosu-Reed')->click('1001')->arrivingAt('/orders/1001');
        $browser->seeing('Willow honey')->notSeeing('new jar')->seeing('€13.70')->seeing('12 Chandler Court')->seeing('Ireland')->seeing('ada@letters.example')->seeing('Paid on');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders/1002"))->seeing('It may have been removed')->notSeeing('No query');
    }

    public function test_what_is_sold_while_the_form_is_open_stays_sold(): void
    {
        $product = $this->product($this->shop, ['sku' => 'jar-7', 'name' => 'Willow honey', 'stock' => 9]);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('All is saved.')->type('Name', 'Willow honey, new jar');
        $product->update(['stock' => 7]);

        $browser->click('Save')->seeing('New product')->seeing('Willow honey, new jar');
        self::assertSame(['Willow honey, new jar', 7], [$product->refresh()->name, $product->stock]);
    }

    public function test_a_sale_is_typed_and_told_and_sold_at(): void
    {
        $product = $this->product($this->shop, ['sku' => 'jar-7', 'name' => 'Willow honey', 'price_minor' => 980]);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('All is saved.')->type('Sale price', '9.90')->seeing('above the price')
            ->click('Save')->seeing('One thing is still to be put right.')->type('Sale price', '8.40')->seeing('Shoppers see €8.40.')->click('Save')->seeing('New product')->seeing('€8.40');

        $browser->goTo("{$this->shop->base()}/p/jar-7")->seeing('€8.40')->seeing('€9.80')->click('Add to cart')->arrivingAt('/cart')->seeing('€8.40');
        self::assertSame(840, $product->refresh()->sale_minor);
    }

    /** @return list<string> */
    private function links(Browser $browser): array
    {
        $links = $browser->evaluate('return [...document.querySelectorAll("main li a")].map((link) => link.textContent)');

        return is_array($links) ? array_values(array_filter($links, is_string(...))) : [];
    }

    private static function isThereA(Browser $browser, string $words): bool
    {
        return $browser->evaluate('return [...document.querySelectorAll("button:not(:disabled)")].some((button) => button.textContent.trim() === arguments[0])', $words) === true;
    }

    private function order(Product $product): void
    {
        $this->browser()->goTo($this->placement($this->offer($product))->link($this->shop)->url())->seeing('Pay €13.70')
            ->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street', '12 Chandler Court')->type('Town', 'Tarnmouth')->choose('Country', 'IE')->click('Pay €13.70')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/');
        $this->browser()->until(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->whereNotNull('captured_at')->exists(), 'the money to be taken');
    }
}
