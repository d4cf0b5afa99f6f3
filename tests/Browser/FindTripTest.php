<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Offer;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\DB;

/** Finding: the list of offers in short, acts for many, and the command box. */
final class FindTripTest extends BrowserTestCase
{
    public function test_offers_are_read_in_short_opened_into_their_sentence_and_sorted(): void
    {
        $honey = $this->product($this->shop, ['name' => 'Willow honey', 'stock' => 0]);
        $this->placement($this->offer($honey, ['caption' => 'Taste it']), 'the spring post');
        $this->offer($this->product($this->shop, ['name' => 'Tall candle']), ['caption' => 'A light', 'state' => 'archived']);
        $this->offer($this->product($this->shop, ['name' => 'Wax wrap']), ['caption' => 'Wrap it']);

        $browser = $this->atTheConsole()->seeing('Willow honey')->seeing('Sold out')->seeing('Not placed yet')->notSeeing('Tall candle')->seeing('Archived 1');
        $browser->notSeeing('When someone clicks')->clickCss('[aria-label="Open the sentence of Taste it: Willow honey"]')->seeing('When someone clicks Taste it')->seeing('on the spring post');
        $browser->click('Sentences')->seeingCount('[data-offer] .sentence', 2)->click('Name')->until(static fn (): bool => self::first($browser) === 'Willow honey', 'the list by name');
        $browser->click('Lines')->click('Archived 1')->seeing('Tall candle')->notSeeing('Wax wrap');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers"))->seeing('Wax wrap')->until(static fn (): bool => self::first($browser) === 'Willow honey', 'the order that was chosen last');
    }

    public function test_several_offers_are_archived_and_brought_back_with_one_click_each(): void
    {
        [$one, $two, $draft] = array_map(fn (string $caption): Offer => $this->offer($this->product($this->shop), ['caption' => $caption, 'state' => $caption === 'Third' ? 'draft' : 'live']), ['First', 'Second', 'Third']);
        $states = static fn (): array => [$one->refresh()->state->value, $two->refresh()->state->value, $draft->refresh()->state->value];

        $browser = $this->atTheConsole()->seeing('Third')->clickCss('[aria-label="Select all on this page"]')->seeing('3 selected')->click('Pause')
            ->seeing('2 offers paused.')->seeing('stayed as it was. An offer that is draft can’t become paused.');
        self::assertSame(['paused', 'paused', 'draft'], $states());
        $browser->click('Undo')->seeing('2 offers as before again.')->seeing('Live 2');
        self::assertSame(['live', 'live', 'draft'], $states());

        $look = $this->shop->looks()->orderByDesc('id')->firstOrFail();
        $browser->clickCss('[aria-label^="Select First"]')->seeing('1 selected')->click('Give them a look')->click($look->name)->seeing("One offer now in {$look->name}.");
        self::assertSame([$look->id, null], [$one->refresh()->look_id, $two->refresh()->look_id]);
    }

    public function test_anything_is_found_by_keyboard_alone_and_what_was_opened_is_there_next_time(): void
    {
        $honey = $this->product($this->shop, ['name' => 'Willow honey', 'sku' => 'willow']);
        $place = $this->placement($this->offer($honey, ['caption' => 'Taste it']), 'the spring post');
        DB::table('former_hosts')->insert(['shop_id' => $this->shop->id, 'host' => "was-{$this->shop->slug}.localhost"]);

        $browser = $this->atTheConsole()->seeing('Taste it');
        self::openBox($browser)->seeing('and what can be done')->type(self::FIELD, 'will')->seeing('willow · Goods')->press(WebDriverKeys::ENTER)->arrivingAt("/products/{$honey->id}")->seeing('All is saved.');
        self::openBox($browser)->seeing('Opened lately')->seeing('willow · Goods')->type(self::FIELD, 'vat')->seeing('Setting')->press(WebDriverKeys::ENTER)->arrivingAt('/shop#tax');
        self::openBox($browser)->type(self::FIELD, "http://was-{$this->shop->slug}.localhost/k/{$place->code}")->seeing('The link of a place.')->seeing('The shop has left')->seeing('A placement follows.')
            ->press(WebDriverKeys::ENTER)->arrivingAt("/offers/{$place->offer_id}")->seeing('Taste it');
        self::openBox($browser)->type(self::FIELD, 'will')->seeing('willow · Goods')->clickAt(20, 700);
        $browser->notSeeing('willow · Goods')->arrivingAt("/offers/{$place->offer_id}");
        self::openBox($browser)->type(self::FIELD, 'publish')->seeing('On this page')->type(self::FIELD, 'zebra')->seeing('Nothing of this shop is called that.')->press(WebDriverKeys::ESCAPE)->notSeeing('Nothing of this shop');
        self::openBox($browser)->type(self::FIELD, 'sign out')->seeing('Act')->press(WebDriverKeys::ENTER)->arrivingAt('/sign-in');
    }

    private const FIELD = 'Find anything, or paste a link of this shop';

    private static function openBox(Browser $browser): Browser
    {
        $browser->evaluate('document.dispatchEvent(new KeyboardEvent("keydown", { key: "k", ctrlKey: true, bubbles: true, cancelable: true }))');

        return $browser->seeingCount('[role="dialog"]', 1);
    }

    private static function first(Browser $browser): string
    {
        $first = $browser->evaluate('return document.querySelector("[data-offer] a")?.lastChild?.textContent ?? ""');

        return is_string($first) ? trim($first) : '';
    }
}
