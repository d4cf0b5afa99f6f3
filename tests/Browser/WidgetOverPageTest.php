<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Cart;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PHPUnit\Framework\Attributes\DataProvider;

/** What opens over the page where a widget stands: the mini cart, the pop-over, the gallery. */
final class WidgetOverPageTest extends BrowserTestCase
{
    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->honey = $this->product($this->shop, ['name' => 'Heather honey', 'stock' => 30, 'description' => '<p>From the <strong>high moor</strong>.</p><ul><li>Unheated</li></ul>', 'traits' => [['name' => 'Origin', 'values' => ['Tarn']]]]);
    }

    #[DataProvider('widths')]
    public function test_the_mini_cart_slides_out_is_changed_and_leads_to_the_checkout(int $width): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => 'percent', 'percent' => '10']);
        $this->shop->update(['checkout_rules' => $this->shop->checkout_rules]);
        $browser = $this->pageWith($width, $this->placed(['caption' => 'A jar, please']), $this->placed(['caption' => 'Look into the basket'], []));
        $jar = new WidgetOnPage($browser);
        $over = new WidgetOver($browser);
        $jar->press();
        $over->seeing('Your cart')->seeing('Heather honey')->seeing('€9.80')->seeing('Total');
        self::assertSame('Your cart', $over->focused());
        $this->assertAccessible($browser, 'a page with its mini cart open');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));

        $over->type('input[name^=quantity]', '3');
        $this->keys($browser, WebDriverKeys::ENTER);
        $over->seeing('€29.40');
        $this->keys($browser, WebDriverKeys::ESCAPE);
        $over->closed();
        self::assertSame('A jar, please', $browser->evaluate('return document.querySelector("paper-kite").shadowRoot.activeElement?.textContent.replace("It is in your cart", "A jar, please")'));

        // The cart button knows how many there are, opens the same cart, and the way back closes it.
        $cart = new WidgetOnPage($browser, 1);
        $cart->seeing('Look into the basket')->seeing('3');
        $address = $browser->address();
        $cart->press();
        $over->seeing('€29.40');
        $browser->driver->navigate()->back();
        $over->closed();
        self::assertSame($address, $browser->address());

        $cart->press();
        $over->click('button[name=remove]')->seeing('Taken out: Heather honey')->seeing('Nothing is in it yet.');
        $over->click('button[name=put_back]')->seeing('€29.40');
        $over->click('.wide');
        $browser->arrivingAt('/checkout/')->seeing('Heather honey')->seeing('3 ×');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'a desk' => [1280];
        yield 'a narrow phone' => [320];
    }

    #[DataProvider('widths')]
    public function test_a_pop_over_tells_all_asks_what_is_open_and_sells(int $width): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'has_variants' => true, 'description' => '<p>Keeps a loaf for a week.</p>', 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large', adds: $this->shop->money(300))])]]);
        foreach (['Small' => 5, 'Large' => 8] as $name => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => $stock]);
        }
        $browser = $this->pageWith($width, $this->placed(['caption' => 'See the wrap', 'destination' => Onwards::Stay, 'opening' => Opening::PopOver], [$wrap]));
        $widget = new WidgetOnPage($browser);
        $over = new WidgetOver($browser);
        $widget->press();
        $over->seeing('Beeswax wrap')->seeing('Keeps a loaf for a week.')->seeing('Size');
        $this->assertAccessible($browser, 'a page with a pop-over open');
        $over->click('.button');
        $over->seeing('Choose one of each');
        $over->click('select');
        $this->keys($browser, 'L', WebDriverKeys::ENTER);
        $over->seeing('€12.80')->click('.button');
        $over->closed();
        $widget->seeing('In your cart: 1');
        self::assertSame('Large', Cart::query()->where('shop_id', $this->shop->id)->firstOrFail()->lines()->firstOrFail()->variant?->choices[0]);

        // Where only a link stands, the offer's own page does what the pop-over does.
        $offer = Offer::query()->where('shop_id', $this->shop->id)->latest('id')->firstOrFail();
        $browser->goTo($this->placement($offer, 'a letter')->link($this->shop)->url())->arrivingAt('/o/')->seeing('Beeswax wrap');
    }

    /** @param  array<string, mixed>  $sample */
    #[DataProvider('samples')]
    public function test_a_sample_stands_in_story_and_pop_over_and_loads_nothing_before_it_is_asked_for(array $sample, string $title, string $element): void
    {
        $guide = $this->product($this->shop, ['sku' => 'guide', 'name' => 'The hive year', 'kind' => 'digital']);
        $this->shop->samples()->create($sample + ['product_id' => $guide->id, 'state' => 'ready', 'pages' => 0, 'file' => null, 'pictures' => [], 'created_at' => now()]);
        $browser = $this->pageWith(1280, $this->placed(['caption' => 'Read it', 'destination' => Onwards::Pay], [$guide], WidgetForm::Story), $this->placed(['caption' => 'See it', 'destination' => Onwards::Pay], [$guide], WidgetForm::Picture), $this->placed(['caption' => 'Look closer', 'destination' => Onwards::Stay, 'opening' => Opening::PopOver], [$guide]));
        foreach ([0, 1] as $number) {
            (new WidgetOnPage($browser, $number))->seeing($title);
            self::assertSame(1, $browser->evaluate('return document.querySelectorAll("paper-kite")[arguments[0]].shadowRoot.querySelectorAll(arguments[1]).length', $number, $element));
        }
        (new WidgetOnPage($browser, 2))->notSeeing($title)->press();
        (new WidgetOver($browser))->seeing($title);
        $this->assertAccessible($browser, 'widgets with a sample');
        self::assertSame([], $browser->evaluate('return performance.getEntriesByType("resource").map(({ name }) => name).filter((name) => /samples|page-1/.test(name))'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function samples(): iterable
    {
        yield 'sound' => [['kind' => 'audio', 'file' => str_repeat('0', 32).'.mp3'], 'A piece to hear', 'audio[controls][preload=none]'];
        yield 'moving pictures' => [['kind' => 'video', 'file' => str_repeat('0', 32).'.mp4'], 'A piece to watch', 'video[controls][preload=none]'];
        yield 'pages' => [['kind' => 'pages', 'pictures' => ['page-1-700x1000.webp']], 'The first pages', 'details img.page'];
    }

    public function test_a_story_tells_everything_enlarges_its_pictures_and_sells_to_the_end(): void
    {
        foreach (['on the moor', 'in the jar'] as $position => $alt) {
            $this->honey->pictures()->create(['shop_id' => $this->shop->id, 'position' => $position, 'file' => $position === 0 ? 'honey-jar.svg' : 'skep.svg', 'width' => 240, 'height' => 240, 'alt' => $alt, 'created_at' => now(), 'is_kept' => true]);
        }
        $browser = $this->pageWith(1280, $this->placed(['caption' => 'Take it home', 'destination' => Onwards::Pay], null, WidgetForm::Story));
        $widget = new WidgetOnPage($browser);
        $widget->seeing('Heather honey')->seeing('From the high moor.')->seeing('Unheated')->seeing('Origin')->seeing('Tarn')->seeing('€9.80')->seeing('Shipping to Ireland');
        self::assertSame(0, $browser->evaluate('return performance.getEntriesByType("resource").filter((each) => each.name.includes("/embed/more-")).length'), 'What is not needed yet is not loaded yet.');
        $this->assertAccessible($browser, 'a story on a page of somebody’s');
        $over = new WidgetOver($browser);
        $widget->click('.pictures a');
        $over->seeing('1 / 2');
        $this->keys($browser, WebDriverKeys::ARROW_RIGHT);
        $over->seeing('2 / 2');
        self::assertSame('in the jar', $over->ask('return dialog.querySelector("img").alt'));
        $this->keys($browser, WebDriverKeys::ESCAPE);
        $over->closed();
        $widget->press();
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
        $this->pays($browser)->seeing('Your order 1001 is made.')->seeing('Heather honey');
    }

    public function test_two_shops_on_a_page_have_a_mini_cart_each(): void
    {
        $other = $this->shop(['name' => 'Quay']);
        $mug = $this->offer($this->product($other, ['name' => 'Salt mug', 'stock' => 5]), ['destination' => Onwards::MiniCart, 'cart_use' => CartUse::WithCart, 'caption' => 'Take the mug']);
        $browser = $this->pageWith(1280, $this->placed(['caption' => 'A jar, please']), $this->placement($mug, 'a page', ['medium' => 'widget']));
        $over = new WidgetOver($browser);
        (new WidgetOnPage($browser, 0))->seeing('A jar, please')->press();
        $over->seeing('Heather honey')->click('.close')->closed();
        (new WidgetOnPage($browser, 1))->seeing('Take the mug')->press();
        $over->seeing('Salt mug')->notSeeing('Heather honey')->click('.wide');
        $browser->arrivingAt('/checkout/')->seeing('Salt mug');
        self::assertStringContainsString($other->host, $browser->address());
    }

    public function test_a_shop_that_goes_away_is_said_on_the_page_which_stays(): void
    {
        $browser = $this->pageWith(1280, $this->placed(['caption' => 'A jar, please']), $this->placed(['caption' => 'See it', 'destination' => Onwards::Stay, 'opening' => Opening::PopOver]));
        [$jar, $see, $over] = [new WidgetOnPage($browser, 0), new WidgetOnPage($browser, 1), new WidgetOver($browser)];
        $jar->seeing('A jar, please')->press();
        $over->seeing('Heather honey');
        $browser->evaluate('real = fetch; fetch = async () => { throw new TypeError("The network is gone.") }');
        $over->type('input[name^=quantity]', '5');
        $this->keys($browser, WebDriverKeys::ENTER);
        $over->seeing('That didn’t work. Please try again.');
        $browser->evaluate('fetch = real');
        $this->keys($browser, WebDriverKeys::ENTER);
        $over->type('input[name^=quantity]', '4');
        $this->keys($browser, WebDriverKeys::ENTER);
        $over->seeing('€39.20')->notSeeing('That didn’t work');
        $this->keys($browser, WebDriverKeys::ESCAPE);
        $over->closed();

        $browser->evaluate('fetch = async () => { throw new TypeError("The network is gone.") }');
        $address = $browser->address();
        $see->press()->seeing('That didn’t work. Please try again.');
        self::assertSame($address, $browser->address());
        $browser->evaluate('fetch = real');
        $see->press();
        $over->seeing('From the high moor.');
        // Once by the browser's own patience, once more by whoever presses it again: it is closed, and the page stands where it stood.
        $this->keys($browser, WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE);
        $over->closed();
        self::assertSame($address, $browser->address());
    }

    /**
     * @param  array<string, mixed>  $offer
     * @param  list<Product>|null  $goods  none: the cart as it is
     */
    private function placed(array $offer, ?array $goods = null, WidgetForm $form = WidgetForm::Button): Placement
    {
        $made = $this->offer($goods[0] ?? $this->honey, $offer + ['destination' => Onwards::MiniCart, 'cart_use' => CartUse::WithCart]);
        if ($goods === []) {
            $made->lines()->delete();
        }

        return $this->placement($made->refresh(), 'a page', ['medium' => 'widget', 'form' => $form]);
    }

    private function pageWith(int $width, Placement ...$placements): Browser
    {
        $browser = $this->browser($width);
        $html = '<h1>A page</h1>'.implode('', array_map(fn (Placement $placement): string => "<paper-kite code=\"{$placement->code}\"><a href=\"{$placement->link($placement->shop()->firstOrFail())->url()}\">A jar</a></paper-kite> ", $placements))."<script async src=\"{$this->shop->base()}/embed/kite.js\"></script>";
        $browser->goTo($this->standinAddress('blog', '/board'))->evaluate('document.querySelector("textarea").value = arguments[0]', $html);

        return $browser->click('Pin it and look')->arrivingAt('/board/');
    }

    private function keys(Browser $browser, string ...$keys): void
    {
        foreach ($keys as $key) {
            $browser->driver->getKeyboard()->sendKeys($key);
        }
    }
}
