<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Finding\Kind;
use App\Finding\WriteWords;
use GuzzleHttp\Client;
use PaperKite\Offer\Onwards;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A seller dresses the shop; a shopper on a phone finds something in it, and buys it. */
final class ShopLookTest extends BrowserTestCase
{
    /** How much of a page may move while it comes, as browsers reckon it (Layout Instability). */
    private const MOST_SHIFT = 0.02;

    public function test_a_look_is_tried_on_every_page_saved_and_worn(): void
    {
        $this->product($this->shop, ['name' => 'Heather honey']);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->click('Look of your pages')->seeing('Dark, for readers');
        $browser->type('Background', '#777777')->seeing('neither light nor dark enough')->type('Background', '#fbeef2')->type('Accent', '#b92b4f')->type('A sentence about the shop', 'Jars from Weir Cottage.');
        foreach (['Product', 'Cart', 'Checkout', 'List'] as $page) {
            $browser->click($page);
        }
        $browser->seeing('Changed, not saved yet.')->click('Save')->seeing('Saved.');
        $this->assertAccessible($browser, 'the look of the pages');

        $browser->goTo("{$this->shop->base()}/")->seeing('Jars from Weir Cottage.');
        self::assertSame('rgb(251, 238, 242)', $browser->evaluate('return getComputedStyle(document.documentElement).backgroundColor'));
    }

    public function test_on_a_phone_what_is_mistyped_is_found_and_bought_without_scrolling_for_a_button(): void
    {
        $honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 980, 'summary' => '<p>'.str_repeat('Late and slow. ', 60).'</p>']);
        foreach (range(1, 4) as $number) {
            $this->product($this->shop, ['name' => "Candle {$number}"]);
        }
        app(WriteWords::class)->of(Kind::Goods, $this->shop, [$honey->id]);
        $browser = $this->browser(390, 664)->goTo("{$this->shop->base()}/");
        self::assertSame(2, $browser->evaluate('const tops = [...document.querySelectorAll(".goods > li")].map((card) => card.getBoundingClientRect().top); return tops.filter((top) => top === tops[0]).length'));
        $browser->type('Search the shop', 'haether')->click('Find')->seeing('One thing for “haether”.')->click('Look closer')->seeing('Back to the list')->click('Back to the list');

        $browser->goTo("{$this->shop->base()}/p/honey")->seeing('Add to cart');
        self::assertTrue($browser->evaluate('return document.querySelector(".goods-buttons button").getBoundingClientRect().bottom <= innerHeight'));
        $browser->click('Add to cart')->seeing('Go to the checkout');
        self::assertSame('1', $browser->evaluate('return document.querySelector("[data-cart-count]").textContent'));
        $browser->click('Go to the checkout')->seeing('Show the bill');
        self::assertTrue($browser->evaluate('const pay = document.querySelector(".pay-bar button").getBoundingClientRect(); return pay.bottom <= innerHeight && pay.top > 0'));
        $browser->click('Show the bill');
        self::assertTrue($browser->evaluate('return document.querySelector("#bill").getBoundingClientRect().top < innerHeight'));
        $browser->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street and number', '12 Chandler Court')->type('Town', 'Tarnmouth')->click('Pay €13.70')->seeing('Pay');
    }

    public function test_on_a_phone_the_way_leads_from_a_shared_link_to_the_thank_you_page(): void
    {
        $honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 980, 'stock' => 5]);
        $link = $this->placement($this->offer($honey, ['destination' => Onwards::Choose]))->link($this->shop)->url();
        // Whoever was sent the link sees what the programs that make previews were told.
        $told = (string) (new Client(['headers' => ['User-Agent' => 'Leafbot/2.0', 'Accept' => 'text/html']]))->get($link)->getBody();
        self::assertStringContainsString('<meta property="og:title" content="Heather honey', $told);
        self::assertSame(0, $this->acts($this->shop, EventKind::Click));

        $browser = $this->browser(390, 664)->goTo($link)->seeing('Heather honey')->click('Buy now')->arrivingAt('/checkout/');
        $browser->seeing('You pay at Harbour Till, by card or wallet. You need no account there.')->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street and number', '12 Chandler Court')->type('Town', 'Tarnmouth')->click('Pay €13.70');
        $browser->seeing('Pay with')->click('Wallet on this device')->click('With my account')->click('Authorise 13.70 EUR')->seeing('Enter the e-mail address of your account');
        self::assertTrue($browser->evaluate('return document.querySelector("[name=method][value=wallet]").checked'));
        $browser->type('Its e-mail address', 'ada@letters.example')->click('Authorise 13.70 EUR')->arrivingAt('/thanks')->seeing('Your order');
        self::assertSame([1, 4], [$this->acts($this->shop, EventKind::Click), $honey->refresh()->stock]);
        self::assertLessThanOrEqual(390, $browser->evaluate('return document.documentElement.scrollWidth'));
    }

    public function test_whoever_is_offline_stays_on_the_page_and_is_told(): void
    {
        $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey']);
        $browser = $this->browser()->goTo("{$this->shop->base()}/p/honey")->seeing('Add to cart');
        $browser->evaluate('window.fetch = () => Promise.reject(new TypeError("Failed to fetch"))');

        $browser->click('Add to cart')->seeing('you seem to be offline');
        self::assertStringEndsWith('/p/honey', $browser->driver->getCurrentURL());
    }

    #[DataProvider('widths')]
    public function test_no_page_moves_while_it_comes(int $width): void
    {
        foreach (range(1, 8) as $number) {
            $this->product($this->shop, ['sku' => "jar-{$number}", 'name' => "Jar {$number}"]);
        }
        $browser = $this->browser($width);
        foreach (['/', '/p/jar-1', '/cart'] as $page) {
            $browser->goTo('about:blank')->goTo($this->shop->base().$page)->seeing($this->shop->name);
            $shift = $browser->driver->executeAsyncScript('const done = arguments[0]; let sum = 0; new PerformanceObserver((list) => { for (const one of list.getEntries()) if (!one.hadRecentInput) sum += one.value }).observe({ type: "layout-shift", buffered: true }); setTimeout(() => done(sum), 700)');
            self::assertLessThan(self::MOST_SHIFT, $shift, $page);
        }
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }
}
