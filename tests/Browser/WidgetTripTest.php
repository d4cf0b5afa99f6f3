<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\Onwards;
use PHPUnit\Framework\Attributes\DataProvider;

/** Two lines on a page of somebody else's: they follow what the seller changes, and without the shop a plain link stands there. */
final class WidgetTripTest extends BrowserTestCase
{
    private Product $honey;

    private Offer $offer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->honey = $this->product($this->shop, ['name' => 'Heather honey', 'stock' => 9]);
        $this->offer = $this->offer($this->honey, ['caption' => 'Take a jar']);
    }

    #[DataProvider('widths')]
    public function test_a_pasted_widget_sells_and_follows_its_offer(int $width): void
    {
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$this->offer->id}"))
            ->type('Name of the new place', 'the spring post')->click('HTML button')->click('Widget')->seeing('follow every change')->click('Place it')->seeing('the spring post');
        $snippet = $browser->css('[data-snippet]')->getText();
        $page = $this->pinned($browser, "<h1>A page</h1>{$snippet}");
        $this->reloadUntil($browser, $page, ['Take a jar', null]);
        $this->assertAccessible($browser, 'a page with a widget');

        $this->offer->update(['caption' => 'Take <b>two</b> "jars" קח']);
        $this->reloadUntil($browser, $page, ['Take <b>two</b> "jars" קח', null]);
        $this->honey->update(['stock' => 0]);
        $this->reloadUntil($browser, $page, ['Sold out', 'true']);

        $this->honey->update(['stock' => 5]);
        $this->reloadUntil($browser, $page, ['Take <b>two</b> "jars" קח', null]);
        $browser->evaluate('document.querySelector("paper-kite").shadowRoot.querySelector(".button").focus()');
        $browser->driver->action()->sendKeys(null, WebDriverKeys::ENTER)->perform();
        $browser->arrivingAt('/checkout/')->seeing('Heather honey');
    }

    public function test_a_page_asks_once_for_all_of_its_widgets_and_its_styles_stay_its_own(): void
    {
        $codes = array_map(fn (int $number): Placement => $this->placement($this->offer, "place {$number}", ['medium' => 'widget']), range(1, 12));
        $widgets = implode('', array_map(fn (Placement $placement): string => "<paper-kite code=\"{$placement->code}\"><a href=\"{$placement->link($this->shop)->url()}\">A jar</a></paper-kite>", $codes));
        $script = "<script async src=\"{$this->shop->base()}/embed/kite.js\"></script>";
        $browser = $this->browser();
        $this->pinned($browser, "<style>a, .button { display: none !important; font-size: 60px !important }</style>{$widgets}{$script}{$script}");

        $browser->until(static fn (): bool => $browser->evaluate('return [...document.querySelectorAll("paper-kite")].every((one) => one.shadowRoot?.querySelector(".button")?.textContent === "Take a jar")') === true, 'twelve widgets');
        self::assertSame(1, $browser->evaluate('return performance.getEntriesByType("resource").filter((one) => one.name.includes("/embed/data")).length'));
        self::assertTrue(self::button($browser)->isDisplayed());
        self::assertNotSame('60px', self::button($browser)->getCSSValue('font-size'));
        self::assertSame('', $browser->evaluate('return document.cookie + Object.keys(localStorage).join()'));
    }

    public function test_where_the_shop_is_away_the_link_stands_and_the_page_goes_on(): void
    {
        $away = 'http://127.0.0.1:47111';
        $browser = $this->browser();
        $this->pinned($browser, "<script>failed = 0; addEventListener('paperkite:failed', () => failed++)</script><paper-kite code=\"abc1234\"><a href=\"{$away}/k/abc1234\">A jar, please</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $browser->until(static fn (): bool => $browser->evaluate('return failed') === 1, 'the page to be told');
        $browser->seeing('A jar, please');
        self::assertNull($browser->evaluate('return document.querySelector("paper-kite").shadowRoot'));
        self::assertCount(1, array_filter($browser->complaints(), static fn (string $complaint): bool => str_contains($complaint, $away)));

        $code = $this->placement($this->offer, 'a page')->code;
        $browser->evaluate('const link = document.querySelector("paper-kite a"); link.href = arguments[0]; link.parentNode.setAttribute("code", arguments[1])', "{$this->shop->base()}/k/{$code}", $code);
        $browser->until(static fn (): bool => $browser->evaluate('return document.querySelector("paper-kite").shadowRoot?.textContent') === 'Take a jar', 'the widget to come back');
    }

    /** @param  string  $code  by which the stand-in knows what to do */
    #[DataProvider('outOfOrder')]
    public function test_a_shop_that_is_out_of_order_leaves_the_link_and_the_page(string $code, bool $isTold): void
    {
        $shop = rtrim($this->standinAddress('broken', ''), '/');
        $browser = $this->browser();
        $this->pinned($browser, "<script>failed = 0; errors = 0; addEventListener('paperkite:failed', () => failed++); addEventListener('error', () => errors++); addEventListener('unhandledrejection', () => errors++)</script><paper-kite code=\"{$code}\"><a href=\"{$shop}/k/{$code}\">A jar, please</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $browser->until(static fn (): bool => $browser->evaluate($isTold ? 'return failed' : 'return performance.getEntriesByType("resource").filter((one) => one.name.includes("/embed/data")).length') === 1, 'the answer');
        $browser->seeing('A jar, please');
        self::assertSame([0, null, 'A jar, please'], $browser->evaluate('const kite = document.querySelector("paper-kite"); return [errors, kite.shadowRoot, kite.innerText.trim()]'));
        $browser->complaints();
    }

    /** @return iterable<string, array{string, bool}> */
    public static function outOfOrder(): iterable
    {
        yield 'a page of its own' => ['aaaaaa2', true];
        yield 'a form of another version' => ['aaaaaa3', true];
        yield 'half of what there is to tell' => ['aaaaaa4', true];
        yield 'a link that is a script' => ['aaaaaa7', true];
        yield 'nothing' => ['aaaaaa5', false];
        yield 'an error' => ['aaaaaa6', true];
    }

    public function test_a_shop_that_takes_too_long_is_no_longer_waited_for(): void
    {
        $shop = rtrim($this->standinAddress('broken', ''), '/');
        $browser = $this->browser();
        $this->pinned($browser, "<script>failed = 0; addEventListener('paperkite:failed', () => failed++)</script><paper-kite code=\"aaaaaa1\"><a href=\"{$shop}/k/aaaaaa1\">A jar, please</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        sleep(3);
        $browser->seeing('A jar, please');
        $browser->until(static fn (): bool => $browser->evaluate('return failed') === 1, 'the page to be told');
        $browser->seeing('A jar, please')->complaints();
    }

    public function test_an_element_may_be_made_apart_moved_taken_away_and_told_another_code(): void
    {
        $second = $this->placement($this->offer($this->honey, ['caption' => 'Take another']), 'a second page', ['medium' => 'widget']);
        $first = $this->placement($this->offer, 'a first page', ['medium' => 'widget']);
        $browser = $this->browser();
        $this->pinned($browser, "<div id=one></div><div id=two></div><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $browser->until(static fn (): bool => $browser->evaluate('return customElements.get("paper-kite") !== undefined') === true, 'the script');
        $browser->evaluate('errors = 0; addEventListener("error", () => errors++); addEventListener("unhandledrejection", () => errors++); apart = document.createElement("div"); apart.innerHTML = `<paper-kite code="${arguments[1]}"><a href="${arguments[0]}/k/${arguments[1]}">A jar</a></paper-kite>`; kite = apart.firstChild; kite.refresh(); kite.setAttribute("code", arguments[1])', $this->shop->base(), $first->code);
        usleep(500_000);
        self::assertNull($browser->evaluate('return kite.shadowRoot'));

        $browser->evaluate('one.append(kite); two.append(kite); kite.remove(); one.append(kite)');
        $browser->until(static fn (): bool => $browser->evaluate('return kite.shadowRoot?.querySelector(".button")?.textContent') === 'Take a jar', 'the widget that was moved');
        $browser->evaluate('kite.setAttribute("code", arguments[0])', $second->code);
        $browser->until(static fn (): bool => $browser->evaluate('return kite.shadowRoot.querySelector(".button").textContent') === 'Take another', 'the other widget');
        $browser->evaluate('kite.setAttribute("code", "nonsense"); kite.querySelector("a").remove(); kite.remove(); two.append(kite)');
        usleep(300_000);
        self::assertSame(0, $browser->evaluate('return errors'));
        self::assertSame('Take another', $browser->evaluate('return kite.shadowRoot.querySelector(".button").textContent'));
    }

    public function test_hostile_names_and_words_are_text_in_every_form(): void
    {
        $evil = '<img src=x onerror=hacked=1>"\'</style><script>hacked=1</script>';
        $this->honey->update(['name' => $evil, 'summary' => '<p>&lt;img src=x onerror=hacked=1&gt;</p>', 'has_variants' => true, 'options' => [new Option(mb_substr($evil, 0, 30), [new Choice(mb_substr($evil, 0, 28))])]]);
        $this->honey->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'evil', 'choices' => [mb_substr($evil, 0, 28)], 'choices_digest' => hash('sha256', $evil), 'stock' => 3]);
        $this->offer->update(['caption' => mb_substr($evil, 0, 40), 'destination' => Onwards::Stay, 'ask_label' => mb_substr($evil, 0, 40), 'ask_least' => 1, 'ask_most' => 3]);
        $places = array_map(fn (WidgetForm $form): Placement => $this->placement($this->offer, "a {$form->value}", ['medium' => 'widget', 'form' => $form]), WidgetForm::cases());
        $browser = $this->browser();
        $this->pinned($browser, implode('', array_map(fn (Placement $placement): string => "<paper-kite code=\"{$placement->code}\"><a href=\"{$placement->link($this->shop)->url()}\">A jar</a></paper-kite>", $places))."<script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $widget = new WidgetOnPage($browser, 2);
        $widget->seeing('<img src=x')->seeing('onerror=hacked');
        $browser->evaluate('const s = document.querySelectorAll("paper-kite")[2].shadowRoot.querySelector("select"); s.selectedIndex = s.options.length - 1; s.dispatchEvent(new Event("change"))');
        $widget->press()->seeing('In your cart: 1');
        self::assertSame([false, 0], $browser->evaluate('return ["hacked" in window, document.querySelectorAll("paper-kite")[2].shadowRoot.querySelectorAll("script, img[src$=x]").length]'));
    }

    public function test_every_form_of_the_lines_that_was_ever_given_out_still_works(): void
    {
        $placement = $this->placement($this->offer, 'a page', ['medium' => 'widget']);
        foreach (glob(dirname(__DIR__).'/Support/snippets/widget-*.html') ?: [] as $file) {
            $browser = $this->browser();
            $this->pinned($browser, strtr((string) file_get_contents($file), ['{base}' => $this->shop->base(), '{code}' => $placement->code, '{caption}' => 'As it was pasted']));
            (new WidgetOnPage($browser))->seeing('Take a jar');
        }
    }

    public function test_an_element_that_belongs_to_no_shop_is_left_as_it_is(): void
    {
        $browser = $this->browser();
        $this->pinned($browser, '<paper-kite code="abc1234">No link</paper-kite><paper-kite code="x/../y"><a href="https://a.example/elsewhere">Elsewhere</a></paper-kite><paper-kite></paper-kite>'."<script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");
        $browser->until(static fn (): bool => $browser->evaluate('return customElements.get("paper-kite") !== undefined') === true, 'the script');
        $browser->seeing('No link')->seeing('Elsewhere');
        self::assertSame(0, $browser->evaluate('return performance.getEntriesByType("resource").filter((one) => one.name.includes("/embed/data")).length'));
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    /** @return string the address of the note */
    private function pinned(Browser $browser, string $html): string
    {
        $browser->goTo($this->standinAddress('blog', '/board'));
        $browser->evaluate('document.querySelector("textarea").value = arguments[0]', $html);

        return $browser->click('Pin it and look')->arrivingAt('/board/')->address();
    }

    /**
     * What is seconds old may still be shown, so a page is loaded until it tells what is so now.
     *
     * @param  array{string, string|null}  $shown  the words of its widget, and whether it is disabled
     */
    private function reloadUntil(Browser $browser, string $page, array $shown): void
    {
        $browser->until(static function () use ($browser, $page, $shown): bool {
            $browser->goTo($page);
            usleep(300_000);

            return $browser->evaluate('const button = document.querySelector("paper-kite").shadowRoot?.querySelector(".button"); return button ? [button.textContent, button.getAttribute("aria-disabled")] : null') === $shown;
        }, "the widget to say “{$shown[0]}”");
    }

    private static function button(Browser $browser): RemoteWebElement
    {
        $browser->until(static fn (): bool => $browser->evaluate('return !!document.querySelector("paper-kite").shadowRoot?.querySelector(".button")') === true, 'the widget');

        $widget = $browser->css('paper-kite');
        self::assertInstanceOf(RemoteWebElement::class, $widget);

        return $widget->getShadowRoot()->findElement(WebDriverBy::cssSelector('.button'));
    }
}
