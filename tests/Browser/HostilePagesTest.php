<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Changes\Editing;
use App\Models\Cart;
use App\Models\Placement;
use App\Models\Product;
use App\Offers\FreshCode;
use App\Offers\PlaceDisplay;
use App\Offers\SavePriceTable;
use Facebook\WebDriver\WebDriverBy;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Medium\TableEntry;
use PaperKite\Medium\Widget;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;

/** Pages that were not made for widgets: each holds, and each sells. */
final class HostilePagesTest extends BrowserTestCase
{
    private Product $honey;

    private string $set;

    protected function setUp(): void
    {
        parent::setUp();
        $this->set = bin2hex(random_bytes(8));
        $this->honey = $this->product($this->shop, ['name' => 'Heather honey', 'stock' => 30, 'description' => '<p>From the <strong>high moor</strong>.</p>']);
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 5, 'Large' => 8] as $name => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => $stock]);
        }
        $basket = $this->offer($this->honey, ['destination' => Onwards::MiniCart, 'caption' => 'My basket']);
        $basket->lines()->delete();
        $offers = array_map(fn (string $name): int => $this->offer($this->product($this->shop, ['name' => $name]), ['caption' => "Take {$name}"])->id, ['Small', 'Large']);
        $table = app(SavePriceTable::class)($this->shop, null, TableEntry::read(FormInput::of(self::tableEntry('Jars', $offers, $offers[1]))), Editing::byCommand());
        $display = (new PlaceDisplay(new FreshCode))->table($table, 'a page');
        $shelf = $this->display($this->shop, $this->honey, $wrap);
        $pasted = [
            'mini' => $this->placed($this->honey, ['destination' => Onwards::MiniCart, 'caption' => 'Into the basket']),
            'pop' => $this->placed($wrap, ['destination' => Onwards::MiniCart, 'opening' => Opening::PopOver, 'caption' => 'Choose your wrap']),
            'story' => $this->placed($this->honey, ['destination' => Onwards::Pay, 'caption' => 'Take it home'], WidgetForm::Story),
            'basket' => $this->placement($basket->refresh(), 'a page', ['medium' => 'widget']),
            'table' => $display, 'shelf' => $shelf,
        ];
        $base = $this->shop->base();
        $snippets = array_map(fn (object $place): string => Widget::around($place->link($this->shop)->url(), 'A jar, please', $base), $pasted);
        file_put_contents($this->file(), json_encode(['base' => $base, 'script' => "<script async src=\"{$base}/embed/kite.js\"></script>", ...$snippets], JSON_THROW_ON_ERROR));
    }

    protected function tearDown(): void
    {
        @unlink($this->file());
        parent::tearDown();
    }

    #[DataProvider('pages')]
    public function test_it_sells_there_without_leaving_the_page_before_the_checkout(string $site, int $widget, int $width): void
    {
        $browser = $this->browser($width)->goTo($this->page($site));
        $address = $browser->address();
        (new WidgetOnPage($browser, $widget))->seeing('Into the basket')->press();
        $over = new WidgetOver($browser);
        $over->seeing('Heather honey')->seeing('Total');
        // It stands once it has slid in.
        usleep(300_000);
        self::assertSame([true, true], $over->ask('const { width, height, right } = dialog.getBoundingClientRect(); const style = getComputedStyle(dialog); return [width > 200 && height > 200 && Math.round(right) === document.documentElement.clientWidth, style.opacity === "1" && style.visibility === "visible"]'));
        self::assertSame($address, $browser->address());
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));
        $over->click('.wide');
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function pages(): iterable
    {
        foreach (['a desk' => 1280, 'a phone' => 390] as $name => $width) {
            yield "quirks mode, {$name}" => ['attic', 0, $width];
            yield "a page that restyles everything, {$name}" => ['loud', 0, $width];
            yield "a page with a base of its own, {$name}" => ['based', 0, $width];
            yield "a worker that keeps everything, {$name}" => ['hoard', 0, $width];
        }
    }

    #[DataProvider('looks')]
    public function test_it_can_be_read_and_takes_no_more_room_than_there_is(string $site, int $width): void
    {
        $browser = $this->browser($width)->goTo($this->page($site));
        $browser->until(static fn (): bool => $browser->evaluate('const all = [...document.querySelectorAll("paper-kite")]; return all.length > 0 && all.every((each) => each.shadowRoot?.querySelector(".button"))') === true, 'all widgets');
        $this->assertAccessible($browser, "the page “{$site}”");
        self::assertSame([], $browser->evaluate('return [...document.querySelectorAll("paper-kite")].flatMap((host) => [...host.shadowRoot.querySelectorAll(".button, img, p")].filter((each) => each.getBoundingClientRect().width > 0 && each.getBoundingClientRect().right > host.parentElement.getBoundingClientRect().right + 1).map((each) => each.textContent))'));
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));
    }

    /** @return iterable<string, array{string, int}> */
    public static function looks(): iterable
    {
        foreach (['night', 'margin', 'based'] as $site) {
            yield "{$site}, a desk" => [$site, 1280];
            yield "{$site}, a phone" => [$site, 390];
        }
    }

    public function test_quirks_mode_and_a_page_that_restyles_everything_change_nothing_of_it(): void
    {
        $measured = [];
        foreach (['attic', 'loud', 'based'] as $site) {
            $browser = $this->browser()->goTo($this->page($site));
            (new WidgetOnPage($browser))->seeing('Into the basket');
            $measured[$site] = $browser->evaluate('const button = document.querySelector("paper-kite").shadowRoot.querySelector(".button"); const style = getComputedStyle(button); return [Math.round(button.getBoundingClientRect().height), style.color, style.backgroundColor, style.letterSpacing, style.fontSize]');
        }
        self::assertSame([$measured['based'], $measured['based']], [$measured['attic'], $measured['loud']]);
    }

    public function test_in_a_frame_that_may_open_windows_the_purchase_goes_on_in_one(): void
    {
        $browser = $this->browser(1280, 2200)->goTo($this->page('cage'));
        $this->enter($browser, 0);
        (new WidgetOnPage($browser))->seeing('Into the basket');
        $this->clickIn($browser, '.button');
        (new WidgetOver($browser))->seeing('Heather honey');
        $this->clickIn($browser, 'dialog .wide');
        $browser->until(static fn (): bool => count($browser->windows()) === 2, 'a window for the checkout');
        $browser->driver->switchTo()->window($browser->windows()[1]);
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
        self::assertNull($browser->evaluate('return window.opener'));
        $browser->driver->close();
        $browser->driver->switchTo()->window($browser->windows()[0]);
    }

    public function test_in_a_tighter_frame_it_is_read_and_says_where_the_shop_is(): void
    {
        $browser = $this->browser(1280, 2200)->goTo($this->page('cage'));
        $this->enter($browser, 1);
        $widget = new WidgetOnPage($browser);
        $widget->seeing('Into the basket');
        $this->clickIn($browser, '.button');
        $over = new WidgetOver($browser);
        $over->seeing('Heather honey');
        $this->clickIn($browser, 'dialog .wide');
        $over->closed();
        $widget->seeing('This page does not let the shop open')->seeing("{$this->shop->base()}/hand-over/");
        self::assertCount(1, $browser->windows());
        $this->forget($browser);

        // Where nothing runs, the link stands; the page that it leads to says what to do.
        $browser->driver->switchTo()->defaultContent();
        $this->enter($browser, 2);
        $browser->until(static fn (): bool => str_contains($browser->driver->findElement(WebDriverBy::cssSelector('body'))->getText(), 'A jar, please'), 'the link');
        $browser->driver->findElement(WebDriverBy::cssSelector('paper-kite a'))->click();
        $browser->until(static fn (): bool => str_contains($browser->driver->findElement(WebDriverBy::cssSelector('body'))->getText(), 'Copy this address instead'), 'the page of the link');
        $browser->driver->switchTo()->defaultContent();
        $this->forget($browser);
    }

    public function test_a_page_that_moves_turns_and_removes_widgets_by_script_keeps_its_cart(): void
    {
        $browser = $this->browser()->goTo($this->page('turning'));
        $widget = new WidgetOnPage($browser);
        $widget->seeing('Into the basket')->press();
        $over = new WidgetOver($browser);
        $over->seeing('Heather honey')->click('.close')->closed();
        $browser->clickCss('#move');
        $widget->seeing('Into the basket')->seeing('In your cart: 1');
        $browser->clickCss('#turn');
        $widget->seeing('Choose your wrap')->seeing('In your cart: 1');
        // Taken off the page while something of it is open over the page.
        $widget->press();
        $over->seeing('Size');
        $browser->evaluate('document.getElementById("remove").click()');
        $over->closed();
        $browser->evaluate('document.getElementById("add").click()');
        $widget->seeing('Choose your wrap')->seeing('In your cart: 1')->press();
        $over->seeing('Size');
        $browser->driver->navigate()->back();
        $over->closed();
        self::assertStringContainsString('turning.localhost', $browser->address());
        self::assertSame(1, Cart::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_page_that_swaps_its_content_goes_back_through_what_was_open(): void
    {
        $browser = $this->browser()->goTo($this->page('single'));
        $widget = new WidgetOnPage($browser);
        $over = new WidgetOver($browser);
        $widget->seeing('Choose your wrap')->press();
        $over->seeing('Size');
        $browser->driver->navigate()->back();
        $over->closed();
        $widget->seeing('Choose your wrap');
        $browser->clickCss('[data-to=honey]');
        $widget->seeing('Into the basket')->press();
        $over->seeing('Heather honey');
        $browser->driver->navigate()->back();
        $over->closed();
        $widget->seeing('Into the basket');
        (new WidgetOnPage($browser, 1))->seeing('My basket')->seeing('1');
        $browser->driver->navigate()->back();
        $widget->seeing('Choose your wrap');
        self::assertSame(1, $browser->evaluate('return document.querySelectorAll("paper-kite").length'));
    }

    public function test_where_a_worker_keeps_everything_a_new_price_shows_all_the_same(): void
    {
        $browser = $this->browser()->goTo($this->page('hoard'))->seeing('The worker keeps everything.');
        $browser->goTo($this->page('hoard'));
        (new WidgetOnPage($browser, 1))->seeing('Choose your wrap');
        Placement::query()->where('shop_id', $this->shop->id)->whereRelation('offer', 'caption', 'Choose your wrap')->firstOrFail()->offer()->update(['caption' => 'Pick a wrap']);
        // As long as the worker is trusted.
        sleep(10);
        $browser->until(static function () use ($browser): bool {
            $browser->evaluate('document.querySelectorAll("paper-kite")[1].refresh()');

            return str_contains((new WidgetOnPage($browser, 1))->text(), 'Pick a wrap');
        }, 'the new words');
    }

    /** @param  array<string, mixed>  $offer */
    private function placed(Product $product, array $offer, WidgetForm $form = WidgetForm::Button): Placement
    {
        return $this->placement($this->offer($product, $offer + ['cart_use' => CartUse::WithCart]), 'a page', ['medium' => 'widget', 'form' => $form]);
    }

    private function enter(Browser $browser, int $frame): void
    {
        $browser->driver->switchTo()->frame($browser->driver->findElements(WebDriverBy::cssSelector('iframe'))[$frame] ?? self::fail('There is no such frame.'));
    }

    /** A frame with a sandbox runs in a process of its own, which only the driver itself finds. */
    private function clickIn(Browser $browser, string $selector): void
    {
        usleep(300_000);
        $browser->evaluate('document.querySelector("paper-kite").shadowRoot.querySelector(arguments[0]).scrollIntoView({ block: "nearest" })', $selector);
        $beside = $browser->evaluate('const middle = (element) => { const { x, y, width, height } = element.getBoundingClientRect(); return [x + width / 2, y + height / 2] }; const [from, to] = [document.querySelector("h1"), document.querySelector("paper-kite").shadowRoot.querySelector(arguments[0])].map(middle); return [to[0] - from[0], to[1] - from[1]]', $selector);
        if (! is_array($beside) || ! is_numeric($beside[0]) || ! is_numeric($beside[1])) {
            self::fail("“{$selector}” stands nowhere.");
        }
        $browser->driver->action()->moveToElement($browser->driver->findElement(WebDriverBy::cssSelector('h1')), (int) round((float) $beside[0]), (int) round((float) $beside[1]))->click()->perform();
    }

    /** What a browser says of a frame that it holds is no complaint of ours. */
    private function forget(Browser $browser): void
    {
        foreach ($browser->complaints() as $complaint) {
            self::assertMatchesRegularExpression('/Blocked |sandbox/', $complaint);
        }
    }

    private function page(string $site, string $path = '/'): string
    {
        return $this->standinAddress($site, "{$path}?set={$this->set}");
    }

    private function file(): string
    {
        return getenv('KITE_STANDIN_BLOG_NOTES')."/widgets-{$this->set}.json";
    }
}
