<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Shop;
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

    public function test_two_browsers_on_one_product(): void
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey']);
        $form = $this->consoleAddress("/{$this->shop->slug}/products/{$product->id}");
        $first = $this->signedIn()->goTo($form)->seeing('For sale')->type('Price', '9.90');
        $second = $this->signedInAs('Tomás Ruiz')->goTo($form)->seeing('For sale')->type('Name', 'Ling honey');
        $second->click('Save')->arrivingAt('/products')->seeing('Ling honey');

        $first->click('Save')->seeing('This product was changed meanwhile by Tomás Ruiz (')->seeing('what you typed still stands here');
        self::assertSame('9.90', $first->field('Price')->getAttribute('value'));
        self::assertSame(980, $product->refresh()->price_minor);
        $first->click('Discard mine')->notSeeing('changed meanwhile');
        self::assertSame(['Ling honey', '9.80'], [$first->field('Name')->getAttribute('value'), $first->field('Price')->getAttribute('value')]);
        $first->type('Price', '9.70')->click('Save')->seeing('New product');
        self::assertSame(['Ling honey', 970], [$product->refresh()->name, $product->price_minor]);
    }

    public function test_two_browsers_on_the_rules(): void
    {
        $form = $this->consoleAddress("/{$this->shop->slug}/shop");
        $first = $this->signedIn()->goTo($form)->seeing('Prices and fees contain tax')->unfold('Provider’s fee')->type('Percent', '3');
        $second = $this->signedInAs('Tomás Ruiz')->goTo($form)->seeing('Prices and fees contain tax')->unfold('Provider’s fee')->type('Percent', '2');
        $second->click('Save')->seeing('All is saved.');

        $first->click('Save')->seeing('The rules were changed meanwhile by Tomás Ruiz (');
        self::assertSame('3', $first->field('Percent')->getAttribute('value'));
        self::assertSame('2', $this->fee());
        $first->click('Save mine instead')->seeing('All is saved.');
        self::assertSame('3', $this->fee());
    }

    public function test_a_session_that_has_ended_is_begun_anew_in_another_tab(): void
    {
        $product = $this->product($this->shop);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('For sale')->type('Name', 'Ling honey');
        DB::table('sessions')->where('user_id', $this->person->id)->delete();
        [$here, $before] = [$browser->driver->getWindowHandle(), $browser->windows()];

        $browser->click('Save')->seeing('You are signed out.')->click('Sign in in a new tab');
        $browser->driver->switchTo()->window(array_values(array_diff($browser->windows(), $before))[0] ?? '');
        $browser->seeing('Password')->type('E-mail', $this->person->email)->type('Password', self::PASSWORD)->click('Sign in')->seeing('Offers');
        $browser->driver->close();
        $browser->driver->switchTo()->window($here);
        $browser->click('Save')->arrivingAt('/products')->seeing('Ling honey')->notSeeing('You are signed out.');
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
