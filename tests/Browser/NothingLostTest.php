<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Product;
use Closure;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\Onwards;
use PaperKite\Quote\CouponKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;

/** What is typed in a form waits in the browser until it is saved; every step can be taken back, and done again. */
final class NothingLostTest extends BrowserTestCase
{
    use TakesOrders;

    /** @param  Closure(self): string  $path */
    #[DataProvider('forms')]
    public function test_what_is_typed_is_there_again_after_a_reload(Closure $path, string $label, string $typed, string $opens = ''): void
    {
        $address = $this->consoleAddress("/{$this->shop->slug}/".$path($this));
        $browser = $this->signedIn();
        // The same address with a mark in it would be the same page, not loaded anew.
        $open = static function () use ($address, $opens, $browser): Browser {
            $browser->goTo('about:blank')->goTo($address);
            if ($opens !== '') {
                $browser->click($opens);
            }

            return $browser;
        };
        $before = $open()->field($label)->getAttribute('value');
        $browser->type($label, $typed)->until(fn (): bool => $this->keeps($typed), 'the browser to keep what was typed');

        $open()->seeing('This is what you left here, not saved yet.');
        self::assertSame($typed, $browser->field($label)->getAttribute('value'));
        $browser->click('Back to what is saved')->notSeeing('This is what you left here');
        self::assertSame($before, $browser->field($label)->getAttribute('value'));
        $browser->until(fn (): bool => ! $this->keeps($typed), 'the browser to keep it no longer');
        $open()->field($label);
        $browser->notSeeing('This is what you left here');
    }

    /** @return iterable<string, array{0: Closure(self): string, 1: string, 2: string, 3?: string}> */
    public static function forms(): iterable
    {
        yield 'a product' => [static fn (self $test): string => "products/{$test->product($test->shop)->id}", 'Name', 'Ling honey'];
        yield 'a new product' => [static fn (): string => 'products/new', 'Name', 'Ling honey'];
        yield 'the rules' => [static fn (): string => 'shop', 'Time zone', 'Europe/Madrid'];
        yield 'the checkout' => [static fn (): string => 'shop#checkout', 'After paying, on to', 'https://fern.example/thanks'];
        yield 'the shopfront' => [static fn (): string => 'shop#shopfront', 'Any other button of an offer', 'Have it'];
        yield 'the names' => [static fn (): string => 'shop#names', 'Name of the shop', 'Tarn Side Sweets'];
        yield 'the words' => [static fn (): string => 'shop/words', 'Nothing is in it yet.', 'Still empty.'];
        yield 'a coupon' => [static function (self $test): string {
            $test->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);

            return 'shop#coupons';
        }, 'Percent off', '15', 'Change MAY'];
        yield 'a look' => [static fn (): string => 'offers/looks', 'Name', 'Storm'];
        yield 'the look of the pages' => [static fn (): string => 'shop/look', 'Accent', '#8a4b2a'];
        yield 'a price table' => [static function (self $test): string {
            $table = $test->shop->priceTables()->create(['name' => 'Jars']);

            return "offers/tables/{$table->id}";
        }, 'Name', 'Pots'];
        yield 'a marketplace' => [static function (self $test): string {
            $test->marketplace($test->shop);

            return 'partners';
        }, 'Name', 'Quay north'];
        yield 'the rules for partners' => [static fn (): string => 'partners/rules', 'Words in a title', '5'];
        yield 'a place' => [static fn (self $test): string => "offers/{$test->placement($test->offer($test->product($test->shop)))->offer_id}", 'Own caption', 'Taste it', 'Name, words and look of this place'];
        yield 'a link by hand' => [static fn (self $test): string => 'links', 'Label', 'spring-card'];
        yield 'a refund' => [static fn (self $test): string => "orders/{$test->paid($test->shop, $test->product($test->shop), 1)->number}", 'Reason (optional)', 'It leaked', 'Refund'];
        yield 'an invitation' => [static fn (): string => 'people', 'E-mail', 'ada@letters.example'];
        yield 'the note of an order' => [static fn (self $test): string => "orders/{$test->held($test->shop, $test->product($test->shop), 1)->number}", 'Note', 'Ring twice'];
    }

    public function test_an_account_to_be_paid_waits_and_the_password_beside_it_does_not(): void
    {
        $address = $this->consoleAddress("/{$this->shop->slug}/shop");
        $browser = $this->signedIn()->goTo($address)->click('Change the payee')->type('Account at the provider', 'reed-and-rope')->type('Your password', 'not to be kept');
        $browser->until(fn (): bool => $this->keeps('reed-and-rope'), 'the browser to keep the account');
        $browser->goTo('about:blank')->goTo($address)->seeing('This is what you left here, not saved yet.');
        self::assertSame(['reed-and-rope', ''], [$browser->field('Account at the provider')->getAttribute('value'), $browser->field('Your password')->getAttribute('value')]);
        self::assertStringNotContainsString('not to be kept', (string) json_encode($browser->evaluate('return [{ ...localStorage }, { ...sessionStorage }]')));
        $browser->click('Offers')->seeing('The last change is not saved')->click('Stay here')->click('Cancel')->notSeeing('This is what you left here');
    }

    public function test_what_was_made_while_the_answer_was_lost_is_made_once(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->type('Name', 'Ling honey')->type('Price', '9.80');
        $browser->evaluate(<<<'JS'
            const fetch = window.fetch
            window.lost = []
            window.fetch = async (request) => {
              const answer = await fetch(request)
              if (request.method !== 'POST' || !request.url.endsWith('/products') || window.lost.length === 2) return answer
              window.lost.push(answer.status)
              throw new TypeError('The line is cut.')
            }
            JS);
        $browser->click('Save')->until(fn (): bool => Product::query()->where('shop_id', $this->shop->id)->exists() && $browser->evaluate('return window.lost.length') === 2, 'the answer to be lost twice');
        $browser->seeing('New product');
        self::assertSame([201, 201], $browser->evaluate('return window.lost'));
        self::assertSame(1, Product::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_form_is_left_only_after_asking_and_what_was_typed_waits(): void
    {
        $product = $this->product($this->shop);
        $browser = $this->form($product)->type('Name', 'Ling honey')->click('Offers')->seeing('The last change is not saved')->click('Stay here')->notSeeing('The last change is not saved');
        self::assertSame('Ling honey', $browser->field('Name')->getAttribute('value'));
        $browser->click('Offers')->click('Leave without saving')->arrivingAt('/offers');

        $this->form($product)->seeing('This is what you left here')->click('Cancel')->arrivingAt('/products');
        $this->form($product)->notSeeing('This is what you left here');
        self::assertSame(1, $browser->evaluate('addEventListener("beforeunload", (event) => (window.asked = event.defaultPrevented ? 1 : 0)); const field = [...document.querySelectorAll("input")][0]; field.value = "Moor honey"; field.dispatchEvent(new Event("input", { bubbles: true })); return new Promise((resolve) => setTimeout(() => { const event = new Event("beforeunload", { cancelable: true }); window.dispatchEvent(event); resolve(event.defaultPrevented ? 1 : 0) }, 300))'));
    }

    public function test_changes_are_taken_back_and_done_again_in_the_order_in_which_they_were_made(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop#checkout"));
        $browser->field('After paying, on to');
        $before = $browser->field('Time zone')->getAttribute('value');
        $browser->type('Time zone', 'Europe/Madrid');
        usleep(500_000);
        $browser->type('After paying, on to', 'https://fern.example/');
        usleep(500_000);
        $values = static fn (): array => [$browser->field('Time zone')->getAttribute('value'), $browser->field('After paying, on to')->getAttribute('value')];
        $browser->clickCss('[aria-label="Undo"]')->until(static fn (): bool => $values() === ['Europe/Madrid', ''], 'the last change to be taken back');
        $browser->clickCss('[aria-label="Undo"]')->until(static fn (): bool => $values() === [$before, ''], 'the one before, too');
        $browser->seeing('All is saved.')->clickCss('[aria-label="Redo"]')->clickCss('[aria-label="Redo"]')->until(static fn (): bool => $values() === ['Europe/Madrid', 'https://fern.example/'], 'both again');
        $browser->evaluate('document.activeElement.blur()');
        $browser->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(static fn (): bool => $values() === ['Europe/Madrid', ''], 'the last one by the keys');
    }

    public function test_a_form_tells_what_it_has_said_and_says_it_again(): void
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey']);
        $this->form($product)->type('Name', 'Ling honey')->type('Price', '12.00')->click('Save')->seeing('New product');

        $browser = $this->form($product)->click('History')->seeing('History of this product')->seeing('Heather honey → Ling honey')->seeing('9.80 → 12.00')->seeing('Wren Halloway')->seeing('As it was when the history began.');
        $this->assertAccessible($browser, 'the history of a product');
        $browser->click('Restore this version')->notSeeing('History of this product')->seeing('Changed, not saved yet.');
        self::assertSame('Heather honey', $browser->field('Name')->getAttribute('value'));
        $browser->click('Save')->seeing('New product');
        self::assertSame(['Heather honey', 980], [$product->refresh()->name, $product->price_minor]);
    }

    public function test_where_the_browser_keeps_nothing_the_page_still_holds_what_was_typed(): void
    {
        $product = $this->product($this->shop);
        $end = $this->browser()->runFirst('Storage.prototype.setItem = () => { throw new DOMException("full", "QuotaExceededError") }; Storage.prototype.getItem = () => { throw new DOMException("blocked", "SecurityError") }');
        try {
            $browser = $this->form($product)->type('Name', 'Ling honey');
            usleep(400_000);
            $browser->click('Offers')->seeing('The last change is not saved')->click('Stay here')->notSeeing('The last change is not saved');
            self::assertSame('Product · Paper Kite', $browser->driver->getTitle());
            $browser->click('Save')->seeing('New product')->seeing('Ling honey');
        } finally {
            $end();
        }
    }

    public function test_a_server_that_does_not_answer_is_asked_again_and_what_is_saved_is_saved_once(): void
    {
        $product = $this->product($this->shop);
        $browser = $this->form($product)->type('Name', 'Ling honey');
        $browser->evaluate('const real = window.fetch; let failures = 2; window.fetch = (request) => request.method === "PUT" && failures-- > 0 ? (failures === 1 ? Promise.reject(new TypeError("gone")) : real(request).then(() => new Response("", { status: 502 }))) : real(request)');

        $browser->click('Save')->seeing('The server doesn’t answer. It is tried again by itself.')->seeing('New product')->notSeeing('The server doesn’t answer.');
        self::assertSame('Ling honey', $product->refresh()->name);
    }

    public function test_a_pause_saves_nothing_of_what_stands_on_the_desk(): void
    {
        $offer = $this->offer($this->product($this->shop), ['caption' => 'Take one home']);
        $this->placement($offer);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill')->click('Caption: Take one home. Change it')->type('Words on the button', 'Mine')->press(WebDriverKeys::ENTER)->seeing('Changed, not saved yet');

        $browser->click('Pause')->seeing('Put it live again')->seeing('Mine')->seeing('Changed, not saved yet');
        self::assertSame(['paused', 'Take one home'], [$offer->refresh()->state->value, $offer->caption]);
        $browser->click('Save')->seeing('All is saved.');
        self::assertSame('Mine', $offer->refresh()->caption);
    }

    public function test_where_they_keep_browsing_is_not_where_they_land_after_paying(): void
    {
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['www.fern.example'])]);
        $offer = $this->offer($this->product($this->shop), ['destination' => Onwards::Stay, 'landing' => 'https://www.fern.example/shelf']);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('they keep browsing at https://www.fern.example/shelf');

        $browser->clickCss('[data-slot="Destination"]')->click('straight to paying')->press(WebDriverKeys::ENTER)->seeing('then they land on our thank-you page');
        $browser->clickCss('[data-slot="Destination"]')->click('on browsing, with it in their cart')->press(WebDriverKeys::ENTER)->seeing('they keep browsing at https://www.fern.example/shelf');
    }

    public function test_thresholds_are_there_again_once_shipping_is_reckoned_as_before(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->click('Another threshold')->type('Band 2 of Everywhere begins at', '5')->type('Band 2 of Everywhere costs', '7.50');

        $browser->click('by the number of pieces')->click('by weight, in grams')->until(static fn (): bool => $browser->count('[aria-label="Band 2 of Everywhere costs"]') === 0, 'a table of weights');
        $browser->click('by weight, in grams')->click('by the fees on the items')->click('by the fees on the items')->click('by the number of pieces');
        $browser->until(static fn (): bool => $browser->field('Band 2 of Everywhere costs')->getAttribute('value') === '7.50', 'the thresholds of pieces');
    }

    public function test_what_is_deleted_is_taken_back_with_one_click_or_from_the_list_of_deleted_things(): void
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey']);
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);
        $place = $this->placement($this->offer($product), 'the spring post');

        $browser = $this->form($product)->click('Delete')->seeing('“Heather honey” is deleted.')->seeing('There is no product yet')->click('Undo')->notSeeing('is deleted.')->seeing('Heather honey');
        self::assertNull($product->refresh()->deleted_at);

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/shop#coupons"))->click('Delete MAY')->seeing('“MAY” is deleted.')->seeing('None yet.')->click('Deleted things')->arrivingAt('/shop/deleted')->seeing('Coupon');
        $this->assertAccessible($browser, 'the list of deleted things');
        $browser->click('Take back MAY')->seeing('Nothing was deleted in the last 30 days.');
        self::assertSame(1, $this->shop->coupons()->count());

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$place->offer_id}"))->seeing('A placement follows')->click('Name, words and look of this place')->click('Delete this place')->seeing('“the spring post” is deleted.')->seeing('Name a place');
        $this->browser()->goTo($place->link($this->shop)->url())->seeing('no longer');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/shop/deleted"))->click('Take back the spring post')->seeing('Nothing was deleted');
        $browser->goTo($place->link($this->shop)->url())->arrivingAt('/checkout/');
    }

    public function test_products_coupons_and_tables_are_duplicated(): void
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey', 'sku' => 'honey-340']);
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);

        $browser = $this->form($product)->click('Duplicate')->seeing('Heather honey (copy)')->seeing('A draft: shoppers don’t see it');
        self::assertSame(['honey-340-2', true], [$this->shop->products()->where('id', '<>', $product->id)->firstOrFail()->sku, $this->shop->products()->where('id', '<>', $product->id)->firstOrFail()->is_draft]);

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/shop#coupons"))->click('Duplicate MAY')->type('Code', 'JUNE')->click('Save the coupon')->seeing('JUNE');
        self::assertSame(2, $this->shop->coupons()->where('percent', '10')->count());

        $first = $this->offer($product, ['caption' => 'One jar']);
        $second = $this->offer($product, ['caption' => 'Two jars']);
        $table = $this->shop->priceTables()->create(['name' => 'Jars']);
        foreach ([$first, $second] as $position => $offer) {
            $this->placement($offer, 'Jars', ['medium' => 'price_table', 'price_table_id' => $table->id, 'table_position' => $position]);
        }
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/tables/{$table->id}"))->seeing('Two jars')->click('Duplicate')->seeing('Two jars')->type('Name of the table', 'More jars')->click('Save')->seeing('More jars')->seeing('Name of the new place');
        self::assertSame(2, $this->shop->priceTables()->count());
    }

    private function keeps(string $text): bool
    {
        return $this->browser()->evaluate('return Object.values({ ...localStorage }).some((kept) => kept.includes(arguments[0]))', $text) === true;
    }

    private function form(Product $product): Browser
    {
        return $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('For sale');
    }
}
