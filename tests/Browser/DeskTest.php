<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Offer;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Offer\OfferState;

/** The sentence and its slots, by mouse and by keyboard. */
final class DeskTest extends BrowserTestCase
{
    public function test_every_slot_changes_the_sentence_and_escape_leaves_it_as_it_was(): void
    {
        $offer = $this->placed();
        $this->product($this->shop, ['name' => 'Tall beeswax candle', 'price_minor' => 1295]);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('go straight to paying');

        $browser->click('Product: Heather honey, 340 g. Change it')->type('Find a product', 'candle')->seeingCount('[data-editor] li', 1)->click('Tall beeswax candle')->seeing('€12.95 + €3.90 shipping')->seeing('Changed, not saved yet.');
        $browser->click('Quantity: one. Change it')->type('How many one click adds', '3')->press(WebDriverKeys::ENTER)->seeing('€38.85');
        $browser->click('Quantity: 3. Change it')->type('How many one click adds', '0')->seeing('To mend: The quantity');
        self::assertFalse($browser->driver->findElement(\Facebook\WebDriver\WebDriverBy::xpath('//button[normalize-space(.)="Save"]'))->isEnabled());
        $browser->press(WebDriverKeys::ESCAPE)->seeing('3 × Tall beeswax candle')->notSeeing('To mend');
        $browser->click('Destination: straight to paying. Change it')->click('to the cart')->press(WebDriverKeys::ENTER)->seeing('Add to cart')->seeing('2 steps to payment');
        $browser->click('Save')->seeing('All is saved.');

        self::assertSame(['cart', 3], [$offer->refresh()->destination->value, $offer->quantity]);
    }

    public function test_the_desk_is_worked_by_keyboard_alone(): void
    {
        $offer = $this->placed();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill');

        $browser->evaluate('document.querySelector("[data-slot=Caption]").focus()');
        $browser->press(WebDriverKeys::ENTER)->seeing('Enter keeps it')->press('Mine')->press(WebDriverKeys::ENTER)->notSeeing('Enter keeps it')->seeing('Mine');
        $browser->press('c')->seeing('Copied');
        $browser->press('?')->seeing('Single keys on this page')->seeing('Copy the link')->press(WebDriverKeys::ESCAPE)->notSeeing('Single keys on this page');
    }

    public function test_what_is_not_saved_is_not_left_by_accident(): void
    {
        $offer = $this->placed();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill');

        $browser->click('Caption: Buy now. Change it')->type('Words on the button', 'Mine')->press(WebDriverKeys::ENTER)->seeing('Changed, not saved yet.');
        $browser->click('Products')->seeing('The last change is not saved')->click('Stay here')->notSeeing('The last change is not saved')->seeing('Mine');
        $browser->click('Products')->click('Go on without it')->seeing('Heather honey, 340 g')->arrivingAt('/products');
        $browser->click('New product')->type('Name', 'Half a name')->click('Orders')->seeing('The last change is not saved')->press(WebDriverKeys::ESCAPE)->notSeeing('The last change is not saved')->click('Leave it')->arrivingAt('/products');
        self::assertNull($offer->refresh()->caption);
    }

    public function test_script_and_other_scripts_are_shown_as_they_are(): void
    {
        $name = "\u{200F}דבש 👩‍🌾🏽 <img src=x onerror=document.title='caught'>";
        $offer = $this->placed($name);

        $browser = $this->signedIn()->seeing($name)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing($name)
            ->goTo("{$this->shop->base()}/")->seeing($name)->click($name)->seeing('Add to cart')->click('Add to cart')->arrivingAt('/cart')->seeing($name);
        self::assertNotSame('caught', $browser->driver->getTitle());
        self::assertSame($name, $offer->product()->firstOrFail()->name);
    }

    public function test_an_offer_is_paused_and_put_live_again(): void
    {
        $offer = $this->placed();
        $code = $offer->placements()->firstOrFail()->code;
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->click('Pause')->seeing('Paused');

        $browser->goTo("{$this->shop->base()}/k/{$code}")->seeing('Taking a rest');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->click('Put it live again')->seeing('Live');
        $browser->goTo("{$this->shop->base()}/k/{$code}")->arrivingAt('/checkout/');
        self::assertSame(OfferState::Live, $offer->refresh()->state);
    }

    private function placed(string $name = 'Heather honey, 340 g'): Offer
    {
        $offer = $this->offer($this->product($this->shop, ['name' => $name]));
        $this->placement($offer);

        return $offer;
    }
}
