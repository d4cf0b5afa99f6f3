<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Offer;
use App\Models\Product;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Checkout\CheckoutRules;

/** The slots one by one, and what can be done with an offer as a whole. */
final class DeskSlotsTest extends BrowserTestCase
{
    public function test_a_variant_is_named_or_left_to_the_shopper(): void
    {
        $offer = $this->offer($this->wrap());
        $browser = $this->desk($offer)->seeing('in the kind they choose')->seeing('2 steps to payment');

        $browser->click('Variant: the kind they choose. Change it')->seeing('None in stock')->click('Large')->press(WebDriverKeys::ENTER)->seeing('Beeswax wrap in Large')->seeing('One step to payment');
        $browser->click('Save')->seeing('All is saved.');
        self::assertSame('wrap-Large', $offer->lines()->firstOrFail()->variant?->sku);
        $browser->click('Variant: Large. Change it')->click('Small')->press(WebDriverKeys::ENTER)->seeing('Check: None is in stock')->press(WebDriverKeys::ESCAPE);
    }

    public function test_the_shopper_is_asked_how_many_within_limits(): void
    {
        $offer = $this->offer($this->product($this->shop));
        $browser = $this->desk($offer)->click('Quantity: one. Change it')->click('Ask the shopper how many')->type('The question', 'Jars, please')->type('To', '6')->seeing('1 to 6 (as they say)')->type('From', '9')->seeing('leaves nothing to ask');

        $browser->type('From', '2')->seeing('begins with 1')->type('How many one click adds', '2')->notSeeing('begins with 1')->press(WebDriverKeys::ENTER)->seeing('2 to 6 (as they say)')->click('Save')->seeing('All is saved.');
        self::assertSame(['Jars, please', 2, 6], [$offer->refresh()->ask_label, $offer->ask_least, $offer->ask_most]);
    }

    public function test_a_caption_is_proposed_and_every_state_has_its_words(): void
    {
        $offer = $this->offer($this->product($this->shop));
        $browser = $this->desk($offer)->click('Caption: Buy now. Change it')->seeing('Left blank it says “Buy now”, as built in.')->click('Straight to paying')->seeing('When someone clicks Straight to paying');

        $browser->click('What it says in its other states')->type('Sold out', 'All eaten')->press(WebDriverKeys::ENTER)->click('Save')->seeing('All is saved.');
        self::assertSame(['Straight to paying', ['sold_out' => 'All eaten']], [$offer->refresh()->caption, $offer->words->all()]);
    }

    public function test_a_landing_is_taken_at_a_listed_host_only(): void
    {
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        $offer = $this->offer($this->product($this->shop));
        $browser = $this->desk($offer)->click('Where they land: our thank-you page. Change it')->seeing('fern.example')->type('Where they land afterwards', 'https://crow.example/')->seeing('no address at a host that you have listed');

        $browser->type('Where they land afterwards', 'https://fern.example/thanks')->notSeeing('no address at a host')->press(WebDriverKeys::ENTER)->seeing('then they land on https://fern.example/thanks.')->click('Save')->seeing('All is saved.');
        self::assertSame('https://fern.example/thanks', $offer->refresh()->landing);
    }

    public function test_the_bill_is_told_for_a_country_of_choice(): void
    {
        $offer = $this->offer($this->product($this->shop));
        $browser = $this->desk($offer)->seeing('€13.70')->seeing('Payments go to tarn-side');

        $country = $browser->css('section[aria-labelledby=proof-bill] input');
        $browser->clear($country);
        $country->sendKeys('Ger');
        $browser->click('Germany')->until(static fn (): bool => $browser->evaluate('return arguments[0].value', $country) === 'Germany', 'Germany to be chosen');
        $this->shipsFor($this->shop, 650);
        $browser->clear($country);
        $country->sendKeys('Spa');
        $browser->click('Spain')->seeing('€16.30');
    }

    public function test_the_next_offer_is_made_from_one_and_an_old_sentence_comes_back(): void
    {
        $offer = $this->offer($this->product($this->shop), ['caption' => 'The first']);
        $browser = $this->desk($offer)->click('Caption: The first. Change it')->type('Words on the button', 'The second')->press(WebDriverKeys::ENTER)->click('Save')->seeing('All is saved.');

        $browser->click('More')->click('History')->seeingCount('[data-version]', 2)->clickCss('[data-version]:nth-child(2) button')->notSeeing('History of this offer')->seeing('When someone clicks The first')->click('Save')->seeing('All is saved.');
        self::assertSame('The first', $offer->refresh()->caption);
        $browser->click('More')->click('Duplicate')->seeing('Name a place, and its link')->seeing('Draft')->seeing('The first');
        self::assertSame(2, $this->shop->offers()->count());
    }

    public function test_an_offer_stands_in_every_medium(): void
    {
        $offer = $this->offer($this->product($this->shop));
        $browser = $this->desk($offer)->seeing('Name a place, and its link');
        foreach (['E-mail button' => '<table role="presentation"', 'Markdown' => '[Buy now](<', 'JSON-LD' => 'application/ld+json', 'HTML button' => '<a href='] as $medium => $part) {
            if ($offer->placements()->exists()) {
                $browser->click('Another place');
            }
            $browser->type('Name of the new place', "as {$medium}");
            $browser->clickCss('form [aria-haspopup="listbox"]')->click($medium)->click('Place it')->seeing($part)->click("Copy {$medium}")->seeing('Copied');
            $offer->refresh();
        }
        $browser->click('Another place')->type('Name of the new place', 'the jar label')->clickCss('form [aria-haspopup="listbox"]')->click('QR code')->click('Place it')->seeing('Save as PNG');
        self::assertSame(1, $browser->count('[data-qr]'));
        $browser->until(fn (): bool => $offer->placements()->whereNotNull('copied')->count() === 4, 'four copies to be remembered');
    }

    public function test_the_form_of_the_next_place_stays_open_while_the_first_is_still_proved(): void
    {
        $browser = $this->desk($this->offer($this->product($this->shop)))->seeing('Name a place, and its link');
        $browser->waitForEachAnswer(1_500);
        $browser->type('Name of the new place', 'the first')->click('Place it')->click('Another place')->type('Name of the new place', 'the second');
        usleep(2_000_000);

        self::assertSame('the second', $browser->field('Name of the new place')->getAttribute('value'));
    }

    public function test_a_proof_that_another_one_follows_is_not_waited_for(): void
    {
        $browser = $this->desk($this->offer($this->product($this->shop)))->seeing('On the bill');
        $browser->evaluate('const fetch = window.fetch; window.proofs = []; window.fetch = (request) => { if (request.url.includes("/offers/proof")) window.proofs.push(request.signal); return fetch(request) }');
        $browser->waitForEachAnswer(600);
        $browser->click('Quantity: one. Change it')->type('How many one click adds', '2');
        usleep(200_000);
        $browser->type('How many one click adds', '3')->seeing('€29.40');

        $browser->until(static fn (): bool => $browser->evaluate('const before = window.proofs.slice(0, -1); return [before.length > 0, before.every((signal) => signal.aborted), window.proofs.at(-1).aborted]') === [true, true, false], 'all to be given up but the last, which is answered');
    }

    public function test_the_desk_on_a_phone_is_no_wider_than_the_phone(): void
    {
        $offer = $this->offer($this->product($this->shop, ['name' => 'A parcel of heather honey and a very longwindedlynamedbeeswaxwrapthatneverends']));
        $this->placement($offer, 'a page whose name is long and goes on and on until it is cut off somewhere');
        $browser = $this->signedIn(390)->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill')->seeing('0 clicks');

        self::assertLessThanOrEqual(390, $browser->evaluate('return document.documentElement.scrollWidth'));
        $browser->click('Look: Kite silk. Change it')->seeing('Deep water');
        self::assertLessThanOrEqual(390, $browser->evaluate('return Math.ceil(document.querySelector("[data-editor]").getBoundingClientRect().right)'));
    }

    private function desk(Offer $offer): Browser
    {
        return $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/offers/{$offer->id}"))->seeing('On the bill');
    }

    private function wrap(): Product
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'price_minor' => 1200, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 0, 'Large' => 9] as $size => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => hash('sha256', $size), 'stock' => $stock]);
        }

        return $wrap;
    }
}
