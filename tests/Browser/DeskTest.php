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

        $browser->click('Product: Heather honey, 340 g. Change it')->type('Find a product', 'candle')->seeingCount('[data-editor] li', 1)->click('Tall beeswax candle')->seeing('€12.95 + €3.90 shipping')->seeing('Changed, not saved yet');
        $browser->click('Quantity: one. Change it')->type('How many one click adds', '3')->press(WebDriverKeys::ENTER)->seeing('€38.85');
        $browser->click('Quantity: three. Change it')->type('How many one click adds', '0')->seeing('Must fix: The quantity');
        self::assertFalse($browser->driver->findElement(\Facebook\WebDriver\WebDriverBy::xpath('//button[normalize-space(.)="Save"]'))->isEnabled());
        $browser->press(WebDriverKeys::ESCAPE)->seeing('three × Tall beeswax candle')->notSeeing('Must fix');
        $browser->click('Destination: straight to paying. Change it')->click('to the cart')->press(WebDriverKeys::ENTER)->seeing('Add to cart')->seeing('2 steps to payment');
        $browser->click('Look: Kite silk. Change it')->click('Luggage tag')->press(WebDriverKeys::ENTER)->seeing('in Luggage tag on');
        $browser->click('How it opens: in the same tab. Change it')->click('in a new tab')->press(WebDriverKeys::ENTER)->seeing('to the cart, in a new tab');
        $browser->click('Save')->seeing('All is saved.');

        $offer->refresh()->load(['lines', 'look']);
        self::assertSame(['cart', 3, 'new_tab', 'Luggage tag'], [$offer->destination->value, $offer->lines->firstOrFail()->quantity, $offer->opening->value, $offer->look?->name]);
    }

    public function test_several_goods_are_sold_in_one_click_and_one_can_be_taken_out(): void
    {
        $offer = $this->placed();
        $this->product($this->shop, ['name' => 'Tall beeswax candle', 'price_minor' => 1295]);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('go straight to paying');

        $browser->click('Product: Heather honey, 340 g. Change it')->click('Add another')->seeing('What else do they get?')->click('Tall beeswax candle')->seeing('and one × Tall beeswax candle')->seeing('€22.75 + €3.90 shipping');
        $browser->click('Save')->seeing('All is saved.')->goTo("{$this->shop->base()}/k/{$offer->placements()->firstOrFail()->code}")->arrivingAt('/checkout/')->seeing('Pay €26.65')->seeing('Tall beeswax candle');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->click('Product: Tall beeswax candle. Change it')->click('Remove this')->seeing('€9.80 + €3.90 shipping')
            ->click('Product: Heather honey, 340 g. Change it')->click('No product: just the cart')->seeing('they get nothing new')->seeing('Pay for your cart')->click('Save')->seeing('All is saved.');
        $browser->goTo("{$this->shop->base()}/k/{$offer->placements()->firstOrFail()->code}")->arrivingAt('/cart')->seeing('Nothing is in it yet.');
    }

    public function test_what_goes_live_is_copied_in_two_acts(): void
    {
        $this->product($this->shop);
        $browser = $this->atTheConsole()->seeing('When someone clicks a button of yours');
        $browser->click('New offer')->click('Publish and copy')->seeing('Published and copied')->seeing('Copy HTML button');
        self::assertSame(1, $this->shop->offers()->where('state', 'live')->count());

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers"))->seeing('My page')->press('n')->seeing('Not saved yet')->press('p')->seeing('a link to share')->press('l')->seeing('Copied');
        self::assertSame(2, $this->shop->offers()->where('state', 'live')->count());
    }

    public function test_a_change_is_taken_back_also_after_leaving_the_page(): void
    {
        $offer = $this->placed();
        $desk = $this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}");
        $browser = $this->signedIn()->goTo($desk)->seeing('On the bill')->click('Caption: Buy now. Change it')->type('Words on the button', 'Mine')->press(WebDriverKeys::ENTER)->seeing('Mine')->seeingCount('[aria-label="Undo"]:enabled', 1);
        $browser->click('Destination: straight to paying. Change it')->click('to the cart')->press(WebDriverKeys::ENTER)->seeing('go to the cart');

        $browser->click('Products')->arrivingAt('/products')->goTo($desk)->seeing('This is what you left here, not saved yet.')->seeing('Mine')->seeing('go to the cart');
        $browser->evaluate('document.activeElement.blur()');
        $browser->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->seeing('go straight to paying')->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->notSeeing('Mine')->seeing('Buy now');
        $browser->press(WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, 'z', WebDriverKeys::NULL)->seeing('Mine')->clickCss('[aria-label="Undo"]')->notSeeing('Mine')->clickCss('[aria-label="Redo"]')->seeing('Mine');
        self::assertNull($offer->refresh()->caption);
    }

    public function test_typing_on_a_slot_opens_it(): void
    {
        $offer = $this->placed();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill');
        $browser->evaluate('document.querySelector("[data-slot=Caption]").focus()');
        $browser->press('M')->seeing('keeps it, Esc')->press('ine')->press(WebDriverKeys::ENTER)->seeing('Mine');
    }

    public function test_the_second_of_two_sellers_sees_both_sentences(): void
    {
        $offer = $this->placed();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill')->click('Caption: Buy now. Change it')->type('Words on the button', 'Mine')->press(WebDriverKeys::ENTER)->seeing('Mine');
        $offer->update(['caption' => 'Theirs', 'version' => 2]);

        $browser->click('Save')->seeing('This offer was changed meanwhile')->seeing('When someone clicks Theirs')->seeing('When someone clicks Mine')
            ->click('Keep theirs')->seeing('Theirs')->seeing('All is saved.')->click('Undo')->seeing('Mine')->click('Save')->seeing('All is saved.');
        self::assertSame(['Mine', 3], [$offer->refresh()->caption, $offer->version]);
        $browser->click('More')->click('History')->seeingCount('[data-version]', 2)->click('Restore this version')->notSeeing('History of this offer');
    }

    public function test_a_place_is_given_words_of_its_own_and_rests_alone(): void
    {
        $offer = $this->placed();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill');
        $browser->click('Copy HTML button')->seeing('Copied')->click('Name, words and look of this place')->type('Own caption', 'Taste it')->click('Paused here')->click('Save this place')->seeing('Saved.')->seeing('no longer says what the offer says')->seeing('Paused here: whoever clicks');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/copies"))->seeing('the spring post')->click('Copy again')->seeing('Copied');
        $browser->until(static fn (): bool => ! $offer->placements()->firstOrFail()->is_stale, 'the copy to be remembered');
    }

    public function test_the_desk_is_worked_by_keyboard_alone(): void
    {
        $offer = $this->placed();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill');

        $browser->evaluate('document.querySelector("[data-slot=Caption]").focus()');
        $browser->press(WebDriverKeys::ENTER)->seeing('keeps it, Esc')->press('Mine')->press(WebDriverKeys::ENTER)->notSeeing('keeps it, Esc')->seeing('Mine');
        $browser->press(WebDriverKeys::ESCAPE)->press('c')->seeing('Copied');
        $browser->press('?')->seeing('Shortcuts on this page')->seeing('Copy the link')->press(WebDriverKeys::ESCAPE)->notSeeing('Shortcuts on this page');
    }

    public function test_a_form_that_is_not_saved_is_not_left_by_accident(): void
    {
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products"));

        $browser->click('New product')->type('Name', 'Half a name')->click('Orders')->seeing('The last change is not saved')->press(WebDriverKeys::ESCAPE)->notSeeing('The last change is not saved');
        $browser->click('Orders')->click('Stay here')->notSeeing('The last change is not saved')->click('Orders')->click('Leave without saving')->arrivingAt('/orders');
    }

    public function test_script_and_other_scripts_are_shown_as_they_are(): void
    {
        $name = "\u{200F}דבש 👩‍🌾🏽 <img src=x onerror=document.title='caught'>";
        $offer = $this->placed($name);

        $browser = $this->atTheConsole()->seeing($name)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing($name)
            ->goTo("{$this->shop->base()}/")->seeing($name)->click($name)->seeing('Add to cart')->click('Add to cart')->arrivingAt('/cart')->seeing($name);
        self::assertNotSame('caught', $browser->driver->getTitle());
        self::assertSame($name, $offer->lines()->firstOrFail()->product()->firstOrFail()->name);
    }

    public function test_an_offer_is_paused_and_put_live_again(): void
    {
        $offer = $this->placed();
        $code = $offer->placements()->firstOrFail()->code;
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->click('Pause')->seeing('Paused');

        $browser->goTo("{$this->shop->base()}/k/{$code}")->seeing('Not for sale just now');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->click('Put it live again')->seeing('Live');
        $browser->goTo("{$this->shop->base()}/k/{$code}")->arrivingAt('/checkout/');
        self::assertSame(OfferState::Live, $offer->refresh()->state);
    }

    public function test_to_publish_and_to_copy_is_one_act(): void
    {
        $offer = $this->offer($this->product($this->shop, ['name' => 'Heather honey', 'stock' => 9]), ['state' => OfferState::Draft]);
        $placement = $this->placement($offer, 'the spring post');
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('the spring post')->seeing('This offer is a draft');
        $browser->press('c');
        usleep(400_000);
        self::assertSame([OfferState::Draft, null], [$offer->refresh()->state, $placement->refresh()->copied_at]);

        $browser->click('Publish and copy HTML button')->seeing('Copied')->seeing('Live')->notSeeing('This offer is a draft')->seeing('Copy HTML button');
        $browser->until(static fn (): bool => $placement->refresh()->copied_at !== null, 'the copy to be remembered');
        self::assertSame(OfferState::Live, $offer->refresh()->state);
        self::assertStringContainsString($placement->code, (string) json_encode($browser->evaluate('return navigator.clipboard.readText()')));
    }

    private function placed(string $name = 'Heather honey, 340 g'): Offer
    {
        $offer = $this->offer($this->product($this->shop, ['name' => $name]));
        $this->placement($offer);

        return $offer;
    }
}
