<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PHPUnit\Framework\Attributes\DataProvider;

/** Shoppers who choose, collect and buy on pages of other people. */
final class WidgetPagesTest extends BrowserTestCase
{
    private Product $honey;

    private Product $wrap;

    private string $set;

    protected function setUp(): void
    {
        parent::setUp();
        $this->set = bin2hex(random_bytes(8));
        $this->honey = $this->product($this->shop, ['name' => 'Heather honey', 'stock' => 30]);
        $this->wrap = $this->wraps($this->shop);
        $hedge = $this->product($this->shop, ['sku' => 'hedge', 'name' => 'Hedge fund', 'kind' => ProductKind::Donation, 'price_minor' => 1000, 'suggested' => [500, 1000], 'least_minor' => 200, 'picture' => Drawing::Hedgerow]);
        $this->paste([
            'stay' => $this->placed($this->honey, ['destination' => Onwards::Stay, 'caption' => 'A jar, please']),
            'picture' => $this->placed($this->wrap, ['destination' => Onwards::Stay, 'caption' => 'Wrap it', 'ask_label' => 'How many wraps', 'ask_least' => 1, 'ask_most' => 9], WidgetForm::Picture),
            'price' => $this->placed($this->honey, ['destination' => Onwards::Pay, 'cart_use' => CartUse::WithCart, 'caption' => 'Buy now'], WidgetForm::Price),
            'gift' => $this->placed($hedge, ['destination' => Onwards::Pay, 'cart_use' => CartUse::JustThis, 'caption' => 'Plant a yard'], WidgetForm::Picture),
        ]);
    }

    protected function tearDown(): void
    {
        @unlink($this->file());
        parent::tearDown();
    }

    #[DataProvider('widths')]
    public function test_who_chooses_and_adds_twice_sees_the_shop_only_at_its_checkout(int $width): void
    {
        $browser = $this->browser($width)->goTo($this->page('landing'));
        $wrap = new WidgetOnPage($browser, 1);
        $wrap->seeing('Beeswax wrap')->seeing('from 7,00 €')->choose('Size', 'Large')->seeing('9,50 €')->type('How many wraps', '2')->press();
        $wrap->seeing('It is in your cart')->seeing('In your cart: 2');
        $wrap->choose('Size', 'Small')->type('How many wraps', '1')->press()->seeing('In your cart: 3');
        $this->assertAccessible($browser, 'a landing page with widgets');

        $browser->goTo($this->page('landing'));
        (new WidgetOnPage($browser, 0))->seeing('In your cart: 3');
        $browser->goTo($this->page('landing', '/evening'));
        $evening = new WidgetOnPage($browser);
        $evening->seeing('In your cart: 3')->press()->seeing('In your cart: 4')->follow('Go to the checkout');

        $browser->arrivingAt('/checkout/')->seeing('Heather honey')->seeing('Beeswax wrap')->notSeeing('Added to your cart');
        self::assertStringNotContainsString('hand-over', $browser->address());
        $this->pay($browser);
        self::assertSame([1, 2, 1], [$this->left($this->wrap, 'Small', 6), $this->left($this->wrap, 'Large', 6), 30 - (int) $this->honey->refresh()->stock]);

        $browser->goTo($this->page('landing', '/evening'));
        (new WidgetOnPage($browser))->seeing('A jar, please')->notSeeing('In your cart');
    }

    public function test_a_page_that_lets_nothing_in_but_the_shop_sells_all_the_same(): void
    {
        $browser = $this->browser()->goTo($this->page('strict'));
        (new WidgetOnPage($browser, 0))->seeing('from €7.00')->press()->seeing('Choose one of each');
        $this->assertAccessible($browser, 'a strict page with widgets');
        $gift = new WidgetOnPage($browser, 2);
        $gift->type('Another amount', '7.50')->press();
        $browser->arrivingAt('/checkout/')->seeing('Hedge fund')->seeing('€7.50');

        $browser->type('E-mail', 'ada@letters.example')->click('Pay €7.50')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/');
    }

    public function test_a_page_whose_styles_reach_for_everything_leaves_the_widget_as_it_is(): void
    {
        $browser = $this->browser()->goTo($this->page('old'));
        $jar = new WidgetOnPage($browser, 0);
        $jar->seeing('A jar, please')->press()->seeing('In your cart: 1');
        $style = $browser->evaluate('const { position, letterSpacing, fontSize, textTransform, left } = getComputedStyle(document.querySelector("paper-kite").shadowRoot.querySelector(".button")); return [position, letterSpacing, fontSize, textTransform, left]');
        self::assertSame(['static', 'normal', '16px', 'none', 'auto'], $style);
        self::assertSame('26px', $browser->evaluate('return getComputedStyle(document.querySelector("h1")).fontSize'));
        $jar->follow('Go to the checkout');
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
        $this->pay($browser);
    }

    public function test_a_page_read_from_right_to_left_has_its_widgets_the_same_way(): void
    {
        $browser = $this->browser()->goTo($this->page('garden'));
        $wrap = new WidgetOnPage($browser, 0);
        $wrap->choose('Size', 'Large')->type('How many wraps', '3')->press()->seeing('In your cart: 3');
        $at = $browser->evaluate('const box = document.querySelector("paper-kite").shadowRoot; return box.querySelector("img").getBoundingClientRect().left > box.querySelector(".name").getBoundingClientRect().left');
        self::assertTrue($at, 'The picture stands before the text.');
        $this->assertAccessible($browser, 'a page from right to left with widgets');
        $wrap->follow('See the cart');
        $browser->arrivingAt('/cart')->seeing('Beeswax wrap');
    }

    public function test_two_shops_on_a_page_keep_a_cart_each(): void
    {
        $other = $this->shop(['name' => 'Quay', 'currency' => 'GBP']);
        $mug = $this->placed($this->product($other, ['sku' => 'mug', 'name' => 'Salt-glazed mug', 'stock' => 4, 'price_minor' => 1850]), ['destination' => Onwards::Stay, 'caption' => 'Take the mug'], WidgetForm::Picture);
        $this->paste(['stay' => $this->placed($this->honey, ['destination' => Onwards::Stay, 'caption' => 'A jar, please']), 'other' => $mug]);
        $browser = $this->browser()->goTo($this->page('fair'));
        (new WidgetOnPage($browser, 0))->press()->seeing('In your cart: 1')->press();
        $pottery = new WidgetOnPage($browser, 1);
        $pottery->seeing('£18.50')->press()->seeing('In your cart: 1');
        (new WidgetOnPage($browser, 0))->seeing('In your cart: 2');

        $pottery->follow('See the cart');
        $browser->arrivingAt("{$other->base()}/cart")->seeing('Salt-glazed mug')->notSeeing('Heather honey');
        $browser->goTo($this->page('fair'));
        (new WidgetOnPage($browser, 0))->follow('See the cart');
        $browser->arrivingAt("{$this->shop->base()}/cart")->seeing('Heather honey')->notSeeing('Salt-glazed mug');
    }

    public function test_where_storage_is_blocked_the_page_itself_remembers(): void
    {
        $browser = $this->browser();
        $forget = $browser->runFirst('Object.defineProperty(window, "localStorage", { get() { throw new DOMException("Access is denied for this document.", "SecurityError") } })');
        try {
            $browser->goTo($this->page('landing'));
            $wrap = new WidgetOnPage($browser, 1);
            $wrap->choose('Size', 'Large')->type('How many wraps', '2')->press()->seeing('In your cart: 2');
            $wrap->choose('Size', 'Small')->type('How many wraps', '1')->press()->seeing('In your cart: 3')->follow('Go to the checkout');
            $browser->arrivingAt('/checkout/')->seeing('Beeswax wrap');
        } finally {
            $forget();
        }
    }

    public function test_fifty_widgets_ask_once_and_who_has_a_cart_at_the_shop_is_told_what_was_added(): void
    {
        $this->paste(['wall' => implode('', array_map(fn (int $n): string => $this->snippet($this->placed($this->honey, ['destination' => Onwards::Stay, 'caption' => "Jar {$n}"])), range(1, 50)))]);
        $browser = $this->browser()->goTo("{$this->shop->base()}/p/{$this->wrap->sku}")->click('Large')->click('Add to cart')->arrivingAt('/cart')->seeing('Beeswax wrap');
        $browser->goTo($this->page('wall'));
        (new WidgetOnPage($browser, 49))->seeing('Jar 50')->press()->seeing('In your cart: 1');
        self::assertSame(1, $browser->evaluate('return performance.getEntriesByType("resource").filter((one) => one.name.includes("/embed/data")).length'));

        (new WidgetOnPage($browser, 49))->follow('See the cart');
        $browser->arrivingAt('/cart')->seeing('Added to your cart from wall.localhost:')->seeing('1 × Heather honey');
        $this->assertAccessible($browser, 'a cart that was joined');
        $browser->click('Go to the checkout')->arrivingAt('/checkout/')->seeing('Added to your cart from wall.localhost:')->type('Name', 'Ada Nwosu-Reed');
        $browser->click('Take them out again')->notSeeing('Added to your cart')->notSeeing('Heather honey')->seeing('Beeswax wrap');
        self::assertSame('Ada Nwosu-Reed', $browser->field('Name')->getAttribute('value'));
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    private function pay(Browser $browser): void
    {
        $before = Order::query()->where('shop_id', $this->shop->id)->count();
        $this->pays($browser);
        self::assertSame($before + 1, Order::query()->where('shop_id', $this->shop->id)->count());
    }

    private function page(string $site, string $path = '/'): string
    {
        return $this->standinAddress($site, "{$path}?set={$this->set}");
    }

    /** @param  array<string, Placement|string>  $pasted  by the name of the place */
    private function paste(array $pasted): void
    {
        $snippets = array_map(fn (Placement|string $each): string => is_string($each) ? $each : $this->snippet($each), $pasted);
        file_put_contents($this->file(), json_encode(['base' => $this->shop->base(), ...$snippets], JSON_THROW_ON_ERROR));
    }

    private function file(): string
    {
        return getenv('KITE_STANDIN_BLOG_NOTES')."/widgets-{$this->set}.json";
    }

    private function snippet(Placement $placement): string
    {
        $offer = $placement->offer()->with(Offer::TOLD_WITH)->firstOrFail();
        $shop = $placement->shop;

        return OfferSnippets::of($offer, $shop, app(ReadLooks::class)($shop), app(Clock::class)->moment())->snippet($placement);
    }

    /** @param  array<string, mixed>  $offer */
    private function placed(Product $goods, array $offer, WidgetForm $form = WidgetForm::Button): Placement
    {
        return $this->placement($this->offer($goods, $offer), 'a page', ['medium' => 'widget', 'form' => $form]);
    }

    private function wraps(Shop $shop): Product
    {
        $wrap = $this->product($shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'price_minor' => 700, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large', adds: $shop->money(250))])]]);
        foreach (['Small', 'Large'] as $position => $name) {
            $wrap->variants()->create(['shop_id' => $shop->id, 'position' => $position, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => 6]);
        }

        return $wrap;
    }

    private function left(Product $product, string $variant, int $of): int
    {
        return $of - (int) $product->variants()->where('sku', "wrap-{$variant}")->sole()->stock;
    }
}
