<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Changes\Editing;
use App\Models\CartLine;
use App\Models\Product;
use App\Offers\SavePriceTable;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Medium\TableEntry;
use PaperKite\Shopfront\AfterAdding;
use PaperKite\Shopfront\ShopfrontRules;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;

/** From a table of prices, a look or a glance to the cart, as sellers and shoppers walk it. */
final class OfferTripTest extends BrowserTestCase
{
    public function test_the_three_buttons_of_a_price_table_each_lead_to_their_own(): void
    {
        foreach (['Small jar' => 500, 'Middle jar' => 900, 'Large jar' => 1600] as $name => $cents) {
            $this->offer($this->product($this->shop, ['name' => $name, 'price_minor' => $cents]), ['caption' => "Take the {$name}"]);
        }
        $browser = $this->atTheConsole()->click('Price tables')->seeing('Two to four offers side by side')->click('New price table')->type('Name of the table', 'Jars');
        foreach (['Small', 'Middle', 'Large'] as $index => $size) {
            $browser->type('Find an offer', $size)->seeingCount('[role=option]', 1)->clickCss('[role=option]')->seeingCount('[data-column]', $index + 1);
        }
        $browser->clickCss('[data-column]:nth-child(2) [aria-pressed]')->seeing('Highlighted')->type('Badge above it', 'Most taken');
        $browser->css('[data-column]:nth-child(3) textarea')->sendKeys("For a whole winter\nThree lids");
        // Seen as it will stand before it is saved.
        $browser->click('Copy');
        $browser->until(static fn (): bool => $browser->evaluate('const page = document.querySelector("iframe").contentDocument?.body.innerText ?? ""; return page.includes("Most taken") && page.includes("For a whole winter\\nThree lids")') === true, 'the table as it is typed');
        self::assertSame(0, $this->shop->priceTables()->count());
        $browser->click('Save')->seeing('Copy the table')->click('Copy the table')->seeing('Copied');
        $table = $this->shop->priceTables()->firstOrFail();
        $browser->until(static fn (): bool => $table->refresh()->copied !== null, 'the copy to be remembered');

        $snippet = $this->snippetOf($table->id);
        foreach (['Small jar' => '€8.90', 'Middle jar' => '€12.90', 'Large jar' => '€19.90'] as $name => $total) {
            $this->pinned($browser, $snippet)->seeing('€16.00')->click("Take the {$name}")->arrivingAt('/checkout/')->seeing($name)->seeing("Pay {$total}");
        }
        $this->pinned($browser, $snippet);
        self::assertSame(1, $browser->evaluate('return new Set([...document.querySelectorAll("article p")].filter((each) => each.textContent.startsWith("€")).map((each) => Math.round(each.getBoundingClientRect().top))).size'), 'All prices stand on one line.');
        self::assertSame(['Take the Small jar: Small jar', 'Take the Middle jar: Middle jar', 'Take the Large jar: Large jar'], $browser->evaluate('return [...document.querySelectorAll("article a")].map((each) => each.getAttribute("aria-label"))'));
        $this->assertAccessible($browser, 'a price table on a page of somebody’s');
        $browser->resize(390, 844);
        $this->pinned($browser, $snippet)->seeing('Take the Large jar')->seeing('Three lids');
        self::assertLessThanOrEqual(390, $browser->evaluate('return document.documentElement.scrollWidth'));
    }

    #[DataProvider('widths')]
    public function test_a_live_table_is_placed_and_sells_on_the_page_where_it_stands(int $width): void
    {
        $offers = array_map(fn (string $name): int => $this->offer($this->product($this->shop, ['name' => $name]), ['caption' => "Take {$name}"])->id, ['Small', 'Large']);
        $table = app(SavePriceTable::class)($this->shop, null, TableEntry::read(FormInput::of(self::tableEntry('Jars', $offers, $offers[1]))), Editing::byCommand());
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/tables/{$table->id}"))
            ->type('Name of the new place', 'the prices page')->click('Place it')->seeing('the prices page')->seeing('0 clicks');
        $browser->until(static fn (): bool => $browser->evaluate('return [...document.querySelectorAll("[role=group] *")].some((each) => each.shadowRoot?.textContent.includes("Take Large"))') === true, 'the table in the proof');
        $this->assertAccessible($browser, 'a price table and its places');
        $snippet = $table->places()->firstOrFail()->link($this->shop)->url();
        $this->pinned($browser, "<paper-kite><a href=\"{$snippet}\">Jars</a></paper-kite><script async src=\"{$this->shop->base()}/embed/kite.js\"></script>");

        $widget = new WidgetOnPage($browser);
        $widget->seeing('Small')->seeing('Take Large');
        $this->assertAccessible($browser, 'a live price table on a page of somebody’s');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));
        if ($width > 600) {
            self::assertSame(1, $browser->evaluate('return new Set([...document.querySelector("paper-kite").shadowRoot.querySelectorAll("p.price")].map((each) => Math.round(each.getBoundingClientRect().top))).size'), 'All prices stand on one line.');
        }
        $widget->click('li:nth-child(2) .button');
        $browser->arrivingAt('/checkout/')->seeing('Large');
        $this->pays($browser)->seeing('Your order 1001 is made.')->seeing('Large');

        // Without the script its link leads to the same columns.
        $browser->goTo($snippet)->seeing('Jars')->seeing('Small');
        $this->assertAccessible($browser, 'the page of a price table');
        $browser->click('Take Small')->arrivingAt('/checkout/')->seeing('Small');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'a desk' => [1280];
        yield 'a phone' => [390];
    }

    private function pinned(Browser $browser, string $snippet): Browser
    {
        $browser->goTo($this->standinAddress('blog', '/board'))->evaluate('document.querySelector("textarea").value = arguments[0]', $snippet);

        return $browser->click('Pin it and look')->arrivingAt('/board/');
    }

    public function test_an_e_mail_button_is_mailed_and_leads_to_the_checkout(): void
    {
        $offer = $this->offer($this->product($this->shop), ['caption' => 'Take a jar']);
        $this->placement($offer, 'the May letter', ['medium' => 'email']);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->click('Send it to me by e-mail')->seeing("On its way to {$this->person->email}.");
        $browser->loading($this->standinAddress('outbox', '/'), 'The button for the May letter')->click('The button for the May letter')->seeing('All messages');
        $this->assertAccessible($browser, 'a letter in the outbox');
        $browser->driver->switchTo()->frame(0);
        $browser->click('Take a jar');
        $browser->driver->switchTo()->defaultContent();
        $browser->arrivingAt('/checkout/')->seeing('Pay €13.70');
    }

    public function test_a_look_is_tried_beside_another_saved_and_put_back(): void
    {
        $browser = $this->atTheConsole()->click('Looks')->seeing('Kite silk')->type('Words', '#e08090')->seeing('4.5 to 1 is needed')->click('Take #')->notSeeing('4.5 to 1 is needed');
        $browser->type('Rounded corners ◤◢, px', '99')->seeing('from 0 to 60 (px)')->type('Rounded corners ◤◢, px', '20')->notSeeing('from 0 to 60 (px)');
        $browser->click('Save')->seeing('Restore the earlier one');
        $hasCorner = fn (int $corner): bool => $this->shop->looks()->firstOrFail()->values->corner === $corner;
        self::assertTrue($hasCorner(20));

        $browser->click('Restore the earlier one')->until(static fn (): bool => $hasCorner(4), 'the earlier look');
        $browser->click('Moss')->click('Archive')->seeing('Archived: 1')->click('Archived: 1')->click('Bring back')->until(static fn (): bool => $browser->field('Name of the look')->getAttribute('value') === 'Moss', 'the look that was brought back');
        $browser->notSeeing('is archived');
    }

    public function test_a_shopper_adds_from_the_list_and_from_the_glance_without_leaving_it(): void
    {
        $this->shop->update(['shopfront' => new ShopfrontRules(afterAdding: AfterAdding::Stay)]);
        $this->product($this->shop, ['name' => 'Heather honey']);
        $wrap = $this->wrap();
        $browser = $this->browser()->goTo("{$this->shop->base()}/")->click('Add to cart')->seeing('“Heather honey” is in your cart.');

        $browser->click('Choose')->seeing('Back to the list');
        $this->assertAccessible($browser, 'the glance');
        $browser->clickCss('dialog .button')->seeing('this combination is not available')->click('Large')->clickCss('dialog .button')->seeing('“Beeswax wrap” is in your cart.');
        $browser->press(WebDriverKeys::ESCAPE)->notSeeing('Back to the list')->seeing('Everything in the shop')->click('Your cart')->arrivingAt('/cart')->seeing('Beeswax wrap')->seeing('Heather honey');
        self::assertSame(['Large'], CartLine::query()->where('product_id', $wrap->id)->firstOrFail()->variant?->choices);
    }

    public function test_without_script_the_list_leads_to_pages_and_the_form_does_the_adding(): void
    {
        $this->shop->update(['shopfront' => new ShopfrontRules(afterAdding: AfterAdding::Stay)]);
        $this->product($this->shop, ['name' => 'Heather honey']);
        $this->wrap();
        $browser = $this->browser();
        $browser->runWithoutScript();

        $browser->goTo("{$this->shop->base()}/")->click('Add to cart')->arrivingAt('/?after=added')->seeing('It is in your cart.')->click('Choose')->arrivingAt('/p/wrap')->click('Large')->click('Add to cart')->arrivingAt('/?after=added')
            ->click('See the cart')->arrivingAt('/cart')->seeing('Beeswax wrap')->seeing('Heather honey');
    }

    public function test_columns_of_a_table_change_places_and_one_is_taken_out(): void
    {
        $offers = array_map(fn (string $name): int => $this->offer($this->product($this->shop, ['name' => $name]), ['caption' => "Take {$name}"])->id, ['Small', 'Middle', 'Large']);
        $table = app(SavePriceTable::class)($this->shop, null, TableEntry::read(FormInput::of(self::tableEntry('Jars', $offers))), Editing::byCommand());
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/tables/{$table->id}"))->seeing('Name of the new place');

        $browser->clickCss('[data-column]:nth-child(3) .follow')->click('Save')->until(static fn (): bool => $table->columns()->pluck('offer_id')->all() === [$offers[0], $offers[2], $offers[1]], 'the new order');
        $browser->seeing('Archive')->clickCss('[data-column]:nth-child(2) .follow:last-child')->seeingCount('[data-column]', 2)->click('Save')->until(static fn (): bool => $table->columns()->pluck('offer_id')->all() === [$offers[0], $offers[1]], 'two columns');
        $browser->seeing('Archive')->clickCss('[data-column]:nth-child(2) .follow:last-child')->seeingCount('[data-column]', 1)->click('Save')->seeing('two to four offers, each once; choose more.');
        $browser->click('Offers')->seeing('The last change is not saved')->click('Leave without saving')->arrivingAt('/offers')->seeing('Take Large');
    }

    public function test_a_look_with_an_icon_of_ones_own_is_held_against_what_it_was_and_worn_wide_at_one_place(): void
    {
        $place = $this->placement($this->offer($this->product($this->shop), ['caption' => 'Take a jar']), 'the front page', ['medium' => 'html']);
        $file = sys_get_temp_dir().'/kite-'.bin2hex(random_bytes(4)).'.svg';
        file_put_contents($file, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 20 20" onload="alert(1)"><circle cx="10" cy="10" r="8" fill="#fff"/></svg>');
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/looks"))->seeing('Compare with')->click('Moss')->click('large')->seeing('As it is saved')->seeingCount('[data-beside]', 1);
        $browser->css('input[type=file][accept*=svg]')->sendKeys($file);
        $browser->seeing('Without your own icon');
        $this->assertAccessible($browser, 'two looks beside each other');
        $browser->click('Save')->until(fn (): bool => $this->shop->looks()->where('name', 'Moss')->firstOrFail()->values->iconPicture !== null, 'the look with its icon');
        unlink($file);

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$place->offer_id}"))->seeing('0 clicks')->click('Name, words and look of this place')->seeing('Look here')->click('as the offer')->click('Moss')->click('as the look says')->click('part of the page')->type('Part of the page, %', '60')->click('Save this place')->seeing('Saved.');
        $snippet = $browser->css('[data-snippet]')->getText();
        self::assertStringContainsString('width:60%', $snippet);
        self::assertStringContainsString('.svg', $snippet);

        $this->pinned($browser, $snippet)->seeing('Take a jar');
        self::assertSame([true, 25], $browser->evaluate('const link = document.querySelector("article a"), icon = link.querySelector("img"); return [Math.abs(link.offsetWidth / link.parentElement.clientWidth - 0.6) < 0.02, icon.complete && icon.naturalWidth > 0 ? icon.offsetHeight : 0]'));
        $browser->click('Take a jar')->arrivingAt('/checkout/');
    }

    public function test_a_shopper_says_how_many_and_which_on_the_page_of_an_offer(): void
    {
        $wrap = $this->wrap();
        $placement = $this->placement($this->offer($wrap, ['ask_label' => 'How many wraps', 'ask_least' => 2, 'ask_most' => 4, 'quantity' => 2, 'caption' => 'Take some']));
        $browser = $this->browser(390)->goTo($placement->link($this->shop)->url())->arrivingAt('/o/')->seeing('How many wraps');
        $this->assertAccessible($browser, 'the page of an offer');
        self::assertLessThanOrEqual(390, $browser->evaluate('return document.documentElement.scrollWidth'));

        $browser->type('How many wraps', '9')->click('Large')->click('Take some')->seeing('from 2 to 4')->type('How many wraps', '3')->click('Take some')->arrivingAt('/checkout/')->seeing('Large')->seeing('Pay €39.90');
    }

    public function test_a_seller_arranges_the_shopfront_and_renames_the_shop(): void
    {
        $this->product($this->shop, ['name' => 'Heather honey']);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->unfold('Shopfront', 'Names')->seeing('What buttons say everywhere');
        $browser->type('Sold out', 'All eaten')->click('Save')->seeing('All is saved.');
        $browser->type('In the checkout’s address', 'cart')->click('Save')->seeing('another page of the shop')->type('In the checkout’s address', 'kasse')->click('Save')->seeing('The old addresses lead here.');

        $browser->goTo("{$this->shop->base()}/p/{$this->shop->products()->firstOrFail()->sku}")->click('Buy now')->arrivingAt('/kasse/')->seeing('Pay €13.70');
        self::assertSame('All eaten', $this->shop->refresh()->words->states->all()['sold_out']);
    }

    private function wrap(): Product
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'price_minor' => 1200, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small', 'Large'] as $position => $size) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $position, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => hash('sha256', $size)]);
        }

        return $wrap;
    }

    private function snippetOf(int $table): string
    {
        $snippet = $this->browser()->evaluate("const request = new XMLHttpRequest(); request.open('GET', '/api/shops/{$this->shop->slug}/price-tables/{$table}', false); request.setRequestHeader('Accept', 'application/json'); request.send(); return JSON.parse(request.responseText).snippet");

        return is_string($snippet) ? $snippet : self::fail('The table has no snippet.');
    }
}
