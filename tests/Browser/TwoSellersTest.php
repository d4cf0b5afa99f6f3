<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Product;
use App\Models\Shop;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\DB;

/** Two people at one form, and one whose session has ended: each is told, and nothing that was typed is lost. */
final class TwoSellersTest extends BrowserTestCase
{
    private ?Browser $second = null;

    protected function tearDown(): void
    {
        $this->second?->close();
        parent::tearDown();
    }

    public function test_two_who_change_different_fields_of_a_product_both_keep_their_change(): void
    {
        [$product, $first, $second] = $this->both();
        $second->type('Name', 'Ling honey')->click('Save')->seeing('New product')->seeing('Ling honey');

        $first->type('Price', '9.90')->click('Save')->seeing('New product')->seeing('Ling honey')->seeing('€9.90');
        self::assertSame(['Ling honey', 990], [$product->refresh()->name, $product->price_minor]);
    }

    public function test_of_what_both_changed_the_second_sees_both_sides_and_chooses(): void
    {
        [$product, $first, $second] = $this->both();
        $second->type('Name', 'Ling honey')->type('Price', '9.70')->click('Save')->seeing('New product')->seeing('Ling honey');

        $first->type('Name', 'Moor honey')->type('Price', '9.90')->type('Sale price', '5.00')->click('Save')->seeing('Two have changed the same')->seeing('This product was changed meanwhile by Tomás Ruiz (')
            ->seeingCount('[data-clash]', 2)->seeing('Moor honey')->seeing('Ling honey')->seeing('9.70');
        $this->assertAccessible($first, 'the choice between two sides');
        $first->press(WebDriverKeys::ESCAPE)->notSeeing('Two have changed the same');
        self::assertSame(['Moor honey', 'Ling honey'], [$first->field('Name')->getAttribute('value'), $product->refresh()->name]);

        $first->click('See both and choose')->clickCss('[data-clash] input[value="theirs"]')->click('Save what is chosen')->seeing('New product');
        self::assertSame(['Ling honey', 990, 500], [$product->refresh()->name, $product->price_minor, $product->sale_minor]);
    }

    public function test_what_is_typed_can_be_discarded_for_what_the_other_saved(): void
    {
        [$product, $first, $second] = $this->both();
        $second->type('Name', 'Ling honey')->click('Save')->seeing('New product');

        $first->type('Name', 'Moor honey')->click('Save')->seeing('Two have changed the same')->press(WebDriverKeys::ESCAPE)->click('Discard mine')->notSeeing('changed meanwhile');
        self::assertSame('Ling honey', $first->field('Name')->getAttribute('value'));
        $first->type('Price', '9.70')->click('Save')->seeing('New product');
        self::assertSame(['Ling honey', 970], [$product->refresh()->name, $product->price_minor]);
    }

    public function test_whoever_is_overtaken_while_their_save_is_on_its_way_and_types_on_loses_nothing(): void
    {
        [$product, $first, $second] = $this->both();
        $first->type('Name', 'Moor honey')->evaluate(<<<'JS'
            const fetch = window.fetch
            window.held = []
            window.fetch = async (request) => {
              if (request.method === 'PUT' && window.held) await new Promise((go) => window.held.push(go))
              return fetch(request)
            }
            JS);
        $first->click('Save')->until(static fn (): bool => $first->evaluate('return window.held.length') === 1, 'the save to be on its way');
        $second->type('Name', 'Ling honey')->click('Save')->seeing('New product');
        $first->type('Price', '9.90')->evaluate('for (const go of window.held) go(); window.held = null');

        $first->seeing('Two have changed the same')->press(WebDriverKeys::ESCAPE)->type('Sale price', '5.00')
            ->click('See both and choose')->seeingCount('[data-clash]', 1)->clickCss('[data-clash] input[value="theirs"]')->click('Save what is chosen')->seeing('New product')->seeing('Ling honey');
        self::assertSame(['Ling honey', 990, 500], [$product->refresh()->name, $product->price_minor, $product->sale_minor]);
    }

    public function test_whoever_is_overtaken_twice_undoes_nothing_of_the_other(): void
    {
        [$product, $first, $second] = $this->both();
        $second->type('Name', 'Ling honey')->type('Price', '9.70')->click('Save')->seeing('New product');
        $first->type('Name', 'Moor honey')->click('Save')->seeing('Two have changed the same');
        $second->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('For sale')->type('Name', 'Heath honey')->click('Save')->seeing('New product');

        $first->click('Save what is chosen')->seeing('Two have changed the same')->seeing('Heath honey')->click('Save what is chosen')->seeing('New product');
        self::assertSame(['Moor honey', 970], [$product->refresh()->name, $product->price_minor]);
    }

    public function test_two_browsers_on_the_rules(): void
    {
        $form = $this->consoleAddress("/{$this->shop->slug}/shop");
        $first = $this->signedIn()->goTo($form)->seeing('Prices and fees contain tax')->unfold('Provider’s fee')->type('Percent', '3');
        $second = $this->signedInAs('Tomás Ruiz')->goTo($form)->seeing('Prices and fees contain tax')->unfold('Provider’s fee')->type('Percent', '2')->type('Time zone', 'Europe/Madrid');
        $second->click('Save')->seeing('All is saved.');

        $first->click('Save')->seeing('The rules were changed meanwhile by Tomás Ruiz (');
        self::assertSame('2', $this->fee());
        $first->press(WebDriverKeys::ESCAPE)->type('and EUR', '0.40')->click('See both and choose')->click('Save what is chosen')->seeing('All is saved.');
        self::assertSame(['3', 'Europe/Madrid'], [$this->fee(), $this->shop->refresh()->timezone]);
        self::assertSame('0.40', $first->field('and EUR')->getAttribute('value'));
        self::assertSame('Europe/Madrid', $first->field('Time zone')->getAttribute('value'));
    }

    public function test_whoever_saves_types_on_and_reloads_has_not_been_overtaken_by_themselves(): void
    {
        $form = $this->consoleAddress("/{$this->shop->slug}/shop");
        $browser = $this->signedIn()->goTo($form)->seeing('Prices and fees contain tax')->unfold('Provider’s fee')->type('Percent', '3')->click('Save')->seeing('All is saved.')->type('Percent', '4');
        usleep(500_000);

        $browser->goTo('about:blank')->goTo($form)->seeing('This is what you left here')->click('Save')->seeing('All is saved.')->notSeeing('changed meanwhile');
        self::assertSame('4', $this->fee());
    }

    public function test_a_session_that_has_ended_is_begun_anew_over_the_page_and_the_act_goes_on(): void
    {
        $product = $this->product($this->shop);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('For sale')->type('Name', 'Ling honey');
        DB::table('sessions')->where('user_id', $this->person->id)->delete();

        $browser->click('Save')->seeing('Sign in again')->seeing('What you typed is still here');
        self::assertSame($this->person->email, $browser->field('E-mail')->getAttribute('value'));
        $browser->type('Password', 'not the password')->click('Sign in')->seeing('don’t belong together')->type('Password', self::PASSWORD)->click('Sign in')->seeing('New product')->seeing('Ling honey');
        self::assertSame('Ling honey', $product->refresh()->name);
    }

    public function test_whoever_does_not_sign_in_again_loses_nothing(): void
    {
        $product = $this->product($this->shop);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('For sale')->type('Name', 'Ling honey');
        DB::table('sessions')->where('user_id', $this->person->id)->delete();

        $browser->click('Save')->seeing('Sign in again')->click('Not now')->seeing('You are signed out');
        self::assertSame('Ling honey', $browser->field('Name')->getAttribute('value'));
        self::assertSame('Heather honey, 340 g', $product->refresh()->name);
        $this->signIn($browser, $this->person)->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('This is what you left here');
        self::assertSame('Ling honey', $browser->evaluate('return [...document.querySelectorAll("label")].find((label) => label.textContent.trim() === "Name").control.value'));
    }

    /** @return array{Product, Browser, Browser} a product, open in two browsers */
    private function both(): array
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey']);
        $form = $this->consoleAddress("/{$this->shop->slug}/products/{$product->id}");

        return [$product, $this->signedIn()->goTo($form)->seeing('For sale'), $this->signedInAs('Tomás Ruiz')->goTo($form)->seeing('For sale')];
    }

    private function fee(): ?string
    {
        return Shop::query()->findOrFail($this->shop->id)->rules()->paymentFee?->percent->text;
    }

    private function signedInAs(string $name): Browser
    {
        $person = $this->person($this->shop, self::PASSWORD);
        $person->update(['name' => $name]);
        $this->second = Browser::open((string) getenv('KITE_CHROMEDRIVER'), 1280, 800);

        return $this->signIn($this->second, $person);
    }
}
