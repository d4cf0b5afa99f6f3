<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Results\WriteSpooled;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\DB;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Results\EventKind;

/** How a widget behaves on a page that stays open, and what it says to the page. */
final class WidgetBehaviourTest extends BrowserTestCase
{
    private const LISTEN = '<script>said = []; before = Object.keys(window).length; for (const what of ["added", "opened", "failed"]) addEventListener("paperkite:" + what, (event) => said.push([what, event.detail.count ?? event.detail.to ?? event.detail.reason]))</script>';

    private Product $honey;

    private Offer $offer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->honey = $this->product($this->shop, ['name' => 'Heather honey', 'stock' => 30]);
        $this->offer = $this->offer($this->honey, ['destination' => Onwards::Stay, 'cart_use' => CartUse::WithCart, 'caption' => 'A jar, please']);
    }

    public function test_a_script_of_the_page_is_told_and_may_do_what_a_click_does(): void
    {
        $browser = $this->pageWith($this->placed());
        $widget = new WidgetOnPage($browser);
        $widget->seeing('A jar, please');
        self::assertTrue($browser->evaluate('return document.querySelector("paper-kite").act()'));
        $widget->seeing('In your cart: 1')->press()->seeing('In your cart: 2');
        $this->honey->update(['stock' => 2]);
        $browser->evaluate('document.querySelector("paper-kite").refresh()');

        self::assertSame([['added', 1], ['added', 2]], $browser->evaluate('return said'));
        self::assertSame([], $browser->evaluate('return Object.keys(window).slice(before).filter((name) => !["said", "before", "what", "ret_nodes"].includes(name) && window[name] !== undefined && !name.startsWith("cdc_") && !name.startsWith("$"))'));
        self::assertSame(["paperkite {$this->shop->base()}"], $browser->evaluate('return Object.keys(localStorage)'));
        self::assertSame('', $browser->evaluate('return document.cookie'));
        $widget->follow('Go to the checkout');
        $browser->arrivingAt('/checkout/');
    }

    public function test_what_has_changed_since_it_was_shown_is_shown_before_anything_is_added(): void
    {
        $browser = $this->pageWith($this->placed(['form' => WidgetForm::Price]));
        $widget = new WidgetOnPage($browser);
        $widget->seeing('€9.80');
        $this->honey->update(['price_minor' => 1200]);
        // As long as the shop's neighbour keeps what it knew.
        sleep(9);
        $widget->press()->seeing('This has just changed')->seeing('€12.00')->notSeeing('In your cart');
        $widget->press()->seeing('In your cart: 1');
    }

    public function test_an_open_page_follows_a_sale_to_its_end_and_keeps_what_was_typed(): void
    {
        $this->offer->update(['ask_label' => 'How many jars', 'ask_least' => 1, 'ask_most' => 9]);
        $this->honey->update(['sale_minor' => 700, 'sale_from' => now()->subHour(), 'sale_until' => now()->addSeconds(6)]);
        $browser = $this->pageWith($this->placed(['form' => WidgetForm::Picture]));
        $widget = new WidgetOnPage($browser);
        $widget->seeing('€7.00 each')->seeing('€9.80')->type('How many jars', '4');
        self::assertSame('quantity', $browser->evaluate('return document.querySelector("paper-kite").shadowRoot.activeElement.name'));

        $widget->notSeeing('€7.00')->seeing('€9.80 each');
        self::assertSame(['quantity', '4'], $browser->evaluate('const field = document.querySelector("paper-kite").shadowRoot.activeElement; return [field.name, field.value]'));
        $widget->press()->seeing('In your cart: 4');
    }

    public function test_it_is_counted_as_seen_once_when_it_was_looked_at(): void
    {
        $seen = $this->placed();
        $below = $this->placed();
        $browser = $this->browser();
        $this->pin($browser, $this->snippet($seen).'<div style="height: 3000px"></div>'.$this->snippet($below));
        (new WidgetOnPage($browser))->seeing('A jar, please');
        usleep(2_600_000);
        $browser->evaluate('document.querySelector("paper-kite").setAttribute("lang", "de")');
        (new WidgetOnPage($browser))->press()->seeing('In your cart: 1');
        usleep(1_500_000);
        app(WriteSpooled::class)();

        $acts = fn (EventKind $kind, Placement $placement): int => DB::table('events')->where(['kind' => $kind->value, 'placement_id' => $placement->id, 'is_act' => 1])->count();
        self::assertSame([1, 0, 1, 0], [$acts(EventKind::View, $seen), $acts(EventKind::View, $below), $acts(EventKind::Click, $seen), $acts(EventKind::Click, $below)]);
    }

    public function test_the_keyboard_does_all_that_the_mouse_does_and_is_told_aloud(): void
    {
        $browser = $this->pageWith($this->placed());
        $widget = new WidgetOnPage($browser);
        $widget->seeing('A jar, please');
        $browser->evaluate('document.querySelector("h1").tabIndex = -1; document.querySelector("h1").focus()');
        $this->keys($browser, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $widget->seeing('In your cart: 1');
        self::assertSame('status', $widget->attribute('.status', 'role'));
        self::assertSame('A jar, please', $browser->evaluate('return document.querySelector("paper-kite").shadowRoot.activeElement.textContent.replace("It is in your cart", "A jar, please")'));
        $this->keys($browser, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
    }

    public function test_an_offer_that_opens_in_a_new_tab_leaves_the_page_where_it_is(): void
    {
        $this->offer->update(['destination' => Onwards::Pay, 'opening' => Opening::NewTab, 'ask_label' => 'How many jars', 'ask_least' => 1, 'ask_most' => 9]);
        $browser = $this->pageWith($this->placed());
        $page = $browser->address();
        (new WidgetOnPage($browser))->type('How many jars', '3')->press();
        $browser->until(static fn (): bool => count($browser->windows()) === 2, 'a second tab');
        self::assertSame($page, $browser->address());
        $browser->driver->switchTo()->window($browser->windows()[1]);
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
        self::assertNull($browser->evaluate('return window.opener'));
        $browser->driver->close();
        $browser->driver->switchTo()->window($browser->windows()[0]);
    }

    public function test_a_shop_that_goes_away_while_a_click_is_under_way_is_said_and_the_click_counts_once(): void
    {
        $browser = $this->pageWith($this->placed());
        $widget = new WidgetOnPage($browser);
        $widget->seeing('A jar, please');
        // The answer is lost on its way, and not the request.
        $browser->evaluate('real = fetch; fetch = async (address, options) => { const answer = await real(address, options); if (String(address).endsWith("/cart/add")) { fetch = real; throw new TypeError("The network is gone.") } return answer }');
        $widget->press()->seeing('That didn’t work. Please try again.');
        $widget->press()->seeing('In your cart: 1');
        self::assertSame([['failed', ''], ['added', 1]], $browser->evaluate('return said'));
    }

    /** @param  array<string, mixed>  $with */
    private function placed(array $with = []): Placement
    {
        return $this->placement($this->offer, 'a page', ['medium' => 'widget'] + $with);
    }

    private function pageWith(Placement $placement): Browser
    {
        $browser = $this->browser();
        $this->pin($browser, self::LISTEN.'<h1>A page</h1>'.$this->snippet($placement));

        return $browser;
    }

    private function keys(Browser $browser, string ...$keys): void
    {
        foreach ($keys as $key) {
            $browser->driver->action()->sendKeys(null, $key)->perform();
        }
    }

    private function snippet(Placement $placement): string
    {
        return "<paper-kite code=\"{$placement->code}\"><a href=\"{$placement->link($this->shop)->url()}\">A jar</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>";
    }

    private function pin(Browser $browser, string $html): void
    {
        $browser->goTo($this->standinAddress('blog', '/board'));
        $browser->evaluate('document.querySelector("textarea").value = arguments[0]', $html);
        $browser->click('Pin it and look')->arrivingAt('/board/');
    }
}
