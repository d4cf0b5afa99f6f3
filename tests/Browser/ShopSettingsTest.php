<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Coupon;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a seller sets for the shop, and what a shopper meets because of it. */
final class ShopSettingsTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->product($this->shop, ['sku' => 'candle', 'name' => 'Tall beeswax candle', 'price_minor' => 1295]);
    }

    public function test_what_the_checkout_asks_for_is_what_it_insists_on(): void
    {
        $browser = $this->settings()->seeing('No terms and no returns and privacy policy yet.')->unfold('Checkout')->seeing('The checkout names no terms and no returns and privacy policy.');
        $this->pick($browser, 'Phone', 'must be given');
        $browser->clickCss('[aria-multiline="true"]')->press('You may send it back for 30 days.')->notSeeing('names no terms')->click('Save')->seeing('All is saved.');

        $browser->goTo("{$this->shop->base()}/terms")->seeing('You may send it back for 30 days.');
        $this->toCheckout($browser)->seeing('you agree to our terms')->type('E-mail', 'ada@letters.example')->type('Name', 'Ada')->type('Street', '1 Row')->type('Town', 'Tarn')->choose('Country', 'IE')->seeing('Pay €16.85')
            ->click('Pay €16.85')->seeing('The phone number is missing.')->type('Phone', '+353 1 555 0100')->click('Pay €16.85')->arrivingAt('pay.localhost');
    }

    public function test_shoppers_are_led_to_no_host_that_the_shop_does_not_list(): void
    {
        $browser = $this->settings()->unfold('Checkout')->type('After paying, on to', 'https://www.fern.example/thank-you')->click('Save')->seeing('www.fern.example')->notSeeing('All is saved.');
        self::assertSame('', $this->shop->refresh()->checkout_rules->afterPaying ?? '');

        $browser->tag('Hosts that shoppers may be led to', 'www.fern.example')->click('Save')->seeing('All is saved.');
        self::assertSame('https://www.fern.example/thank-you', $this->shop->refresh()->checkout_rules->afterPaying);
    }

    public function test_a_coupon_is_changed_and_counts_as_changed(): void
    {
        $this->product($this->shop, ['sku' => 'honey', 'name' => 'Willow honey', 'price_minor' => 1000]);
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        $browser = $this->settings()->seeing('One coupon.')->unfold('Coupons')->seeing('takes €1.00 off')->click('Change MAY')->type('Amount, EUR', 'some')->click('Save the coupon')->seeing('“some”');
        $browser->type('Amount, EUR', '2.50')->tag('Only for these SKUs', 'candle')->type('Uses in all', '1')->click('Save the coupon')->seeing('takes €2.50 off')->seeing('candle');
        self::assertSame([250, 1], [Coupon::query()->where('shop_id', $this->shop->id)->sole()->amount_minor, Coupon::query()->where('shop_id', $this->shop->id)->sole()->most_uses]);

        $browser->goTo("{$this->shop->base()}/p/honey")->click('Add to cart')->arrivingAt('/cart')->type('Coupon', 'MAY')->click('Use it')->seeing('€10.00')->notSeeing('−€2.50');
        $browser->goTo("{$this->shop->base()}/p/candle")->click('Add to cart')->arrivingAt('/cart')->seeing('−€2.50')->seeing('€24.35');
    }

    public function test_a_zone_of_its_own_changes_what_is_shipped_and_where(): void
    {
        $browser = $this->settings()->seeing('Every order ships for €3.90')->click('Another zone');
        $zone = $browser->css('fieldset:last-of-type input');
        $browser->clear($zone);
        $zone->sendKeys('Near');
        $browser->css('fieldset:last-of-type [role="combobox"]')->sendKeys('Irel');
        $browser->click('Ireland')->seeing('Ireland ×')->type('Band 1 of Near costs', '1,2')->seeing('This must be an amount with a point and not negative, such as 9.80.')->seeing('One thing is still to be put right.')
            ->type('Band 1 of Near costs', '1.20')->notSeeing('still to be put right.')->click('Save')->seeing('All is saved.');

        $this->toCheckout($browser)->choose('Country', 'IE')->seeing('Pay €14.15')->choose('Country', 'DE')->seeing('Pay €16.85');
    }

    public function test_what_a_shop_lacks_is_told_in_the_bar_and_leads_to_where_it_is_mended(): void
    {
        $this->shop->update(['payee' => null, 'rules' => new ShopRules($this->shop->currency(), $this->shop->zone(), new TaxRates(true, []), null, [])]);
        $desk = $this->consoleAddress("/{$this->shop->slug}/offers/new");
        $browser = $this->atTheConsole()->click('5 things are missing before the shop is ready')->seeing('Ready to sell?')->seeing('Goods that are sent can be paid for only from countries that you ship to.')
            ->click('Set the payee')->arrivingAt('#payee')->seeing('nobody yet');
        self::assertSame('Set the payee', $browser->evaluate('return document.activeElement.textContent.trim()'));
        $browser->press(WebDriverKeys::ENTER)->type('Account at the provider', 'tarn-side')->notSeeing('Your password')->click('Pay this account')->seeing('Ready to be paid.');

        $browser->seeing('4 things are missing')->goTo($this->consoleAddress("/{$this->shop->slug}/shop/ready"))->notSeeing('Set the payee')->click('Set up shipping')->arrivingAt('#shipping')->click('A first zone')->type('Band 1 of New zone costs', '2.00')->click('Save')->seeing('All is saved.');
        $browser->goTo($desk)->seeing('€12.95 + €2.00 shipping')->click('Publish')->seeing('Live');
    }

    #[DataProvider('widths')]
    public function test_what_is_there_stays_where_it_is_while_the_rest_comes(int $width): void
    {
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/shop"));
        // From its first frame on.
        $places = $browser->driver->executeAsyncScript('const done = arguments[0]; const places = new Set(); const look = () => { const names = document.querySelector(\'[data-fold="Names"]\'); if (names?.checkVisibility()) places.add(Math.round(names.getBoundingClientRect().top)); requestAnimationFrame(look) }; look(); setTimeout(() => done([...places]), 2500)');

        self::assertIsArray($places);
        self::assertCount(1, $places, implode(', ', array_filter($places, is_numeric(...))));
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    public function test_taken_back_is_as_it_was_saved(): void
    {
        $browser = $this->settings();
        $browser->unfold('Provider’s fee');
        [$percent, $rules] = [$browser->field('Percent')->getAttribute('value'), $this->shop->refresh()->getRawOriginal('rules')];
        $browser->type('Percent', '99.9')->seeing('Changed, not saved yet.')->click('Undo')->notSeeing('Changed, not saved yet.');

        self::assertSame($percent, $browser->field('Percent')->getAttribute('value'));
        self::assertSame($rules, $this->shop->refresh()->getRawOriginal('rules'));
    }

    private function settings(): Browser
    {
        return $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->seeing('Prices and fees contain tax');
    }

    private function toCheckout(Browser $browser): Browser
    {
        return $browser->goTo("{$this->shop->base()}/p/candle")->click('Add to cart')->arrivingAt('/cart')->click('Go to the checkout')->arrivingAt('/checkout/');
    }

    private function pick(Browser $browser, string $label, string $choice): void
    {
        $browser->evaluate('[...document.querySelectorAll("label")].find((label) => label.textContent.trim() === arguments[0]).parentElement.querySelector("button").click()', $label);
        $browser->click($choice);
    }
}
