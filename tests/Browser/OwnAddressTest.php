<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** A new thing has an address of its own once it is saved: whoever works at it goes on, with all that stands there. */
final class OwnAddressTest extends BrowserTestCase
{
    /**
     * @param  list<string>  $found  what is searched, and put into it
     */
    #[DataProvider('displays')]
    public function test_what_is_typed_as_soon_as_it_is_saved_stays(string $path, string $label, string $search, array $found): void
    {
        foreach (['Heather honey', 'Tall candle'] as $name) {
            $this->offer($this->product($this->shop, ['name' => $name]));
        }
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$path}/new"))->type($label, 'From the hive');
        foreach ($found as $name) {
            $browser->type($search, $name)->until(static fn (): bool => str_contains($browser->css('[role=option]')->getText(), $name), $name);
            $browser->clickCss('[role=option]');
        }
        $browser->until(static fn (): bool => $browser->css('button[type=submit]')->isEnabled(), 'that it can be saved');
        // The quickest of hands: the name of the place is typed before anything else can happen.
        $browser->evaluate(<<<'JS'
            new MutationObserver((_, watching) => {
              const label = [...document.querySelectorAll('label')].find((each) => each.textContent.trim() === 'Name of the new place')
              if (!label) return
              watching.disconnect()
              const field = document.getElementById(label.htmlFor)
              field.value = 'a recipe'
              field.dispatchEvent(new InputEvent('input', { bubbles: true }))
            }).observe(document.body, { childList: true, subtree: true })
            JS);
        $browser->click('Save')->until(static fn (): bool => preg_match("~/offers/{$path}/\d+$~", $browser->address()) === 1, 'an address of its own');
        self::assertSame('a recipe', $browser->field('Name of the new place')->getAttribute('value'));

        // What is typed of it while a place is named is saved when that is said, and not left unasked.
        $browser->type($label, 'Of the hive')->click('Products')->seeing('The last change is not saved')->click('Stay here')->notSeeing('The last change is not saved');
        $browser->click('Place it')->seeing('0 clicks')->seeing('Save: until then the places show what was saved.');
        $browser->click('Save')->notSeeing('Save: until then')->click('Undo')->until(static fn (): bool => $browser->field($label)->getAttribute('value') === 'From the hive', 'the name that it had');
    }

    /** @return iterable<string, array{string, string, string, list<string>}> */
    public static function displays(): iterable
    {
        yield 'a shelf' => ['shelves', 'Name of the shelf', 'Find a product', ['Heather honey', 'Tall candle']];
        yield 'a price table' => ['tables', 'Name of the table', 'Find an offer', ['Heather honey', 'Tall candle']];
    }

    public function test_a_new_offer_is_begun_from_one_that_was_just_made(): void
    {
        $this->product($this->shop, ['name' => 'Heather honey']);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/new"))->click('Save')->seeing('All is saved.');
        $offer = $this->shop->offers()->firstOrFail();
        $browser->arrivingAt("/offers/{$offer->id}");

        $browser->press('n');
        $browser->arrivingAt('/offers/new')->seeing('Not saved yet');
        $browser->driver->navigate()->back();
        $browser->arrivingAt("/offers/{$offer->id}")->seeing('All is saved.');
    }

    public function test_who_renames_their_shop_goes_on_in_it_with_all_that_they_left_unsaved(): void
    {
        $left = $this->consoleAddress("/{$this->shop->slug}/offers/shelves/new");
        $browser = $this->signedIn()->goTo($left)->type('Name of the shelf', 'From the hive');
        $browser->until(static fn (): bool => $browser->evaluate('return JSON.stringify({ ...localStorage }).includes("From the hive")') === true, 'what is typed to be kept');
        $browser->goTo('about:blank')->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->unfold('Names')->type('In the console’s address', "{$this->shop->slug}-two")->click('Save');
        $browser->arrivingAt("/{$this->shop->slug}-two/shop")->seeing('Saved. The old addresses lead here.')->notSeeing('not saved yet')->notSeeing('You are a reader');

        $browser->type('Name of the shop', 'Two of them')->click('Save')->seeing('Saved. The old addresses lead here.');
        self::assertSame('Two of them', $this->shop->refresh()->name);
        $browser->goTo('about:blank')->goTo($left)->seeing('This is what you left here');
        self::assertSame('From the hive', $browser->field('Name of the shelf')->getAttribute('value'));
    }
}
