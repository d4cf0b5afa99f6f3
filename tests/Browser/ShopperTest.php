<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\CartLine;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Product;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\Offer\Onwards;
use PHPUnit\Framework\Attributes\DataProvider;

/** What can happen to a shopper on the way to an order. */
final class ShopperTest extends BrowserTestCase
{
    private Product $honey;

    private Offer $offer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->honey = $this->product($this->shop, ['stock' => 9]);
        $this->offer = $this->offer($this->honey);
    }

    #[DataProvider('deliveries')]
    public function test_however_the_event_is_delivered_there_is_one_order(string $delivery, bool $isRefused): void
    {
        $browser = $this->atPayment();
        $browser->clickCss("input[value='{$delivery}']");
        $browser->click('Authorise')->arrivingAt('/thanks/')->seeing('Your order 1001 is made.');
        $thanks = $browser->address();
        $browser->goTo($thanks)->seeing('Your order 1001 is made.');

        self::assertSame([1, 8], [Order::query()->where('shop_id', $this->shop->id)->count(), $this->honey->refresh()->stock]);
        self::assertSame($isRefused ? 1 : 0, $this->shop->refusedEvents()->count());
        $this->untilCaptured();
    }

    /** @return iterable<string, array{string, bool}> */
    public static function deliveries(): iterable
    {
        yield 'before the return' => ['first', false];
        yield 'twice' => ['twice', false];
        yield 'late' => ['late', false];
        yield 'never' => ['never', false];
        yield 'forged' => ['forged', true];
        yield 'with another amount' => ['altered', true];
    }

    public function test_a_shopper_who_does_not_come_back_has_ordered_all_the_same(): void
    {
        $browser = $this->atPayment();
        $browser->clickCss("input[name='stay']");
        $browser->click('Authorise')->seeing('authorised');

        $browser->until(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->count() === 1, 'the order');
    }

    public function test_declined_cancelled_and_back_again_keep_what_was_typed(): void
    {
        $browser = $this->atPayment()->click('Decline')->arrivingAt('after=declined')->seeing('nothing was paid');
        self::assertSame('Ada Nwosu-Reed', $browser->field('Name')->getAttribute('value'));
        $browser->click('Pay €13.70')->arrivingAt('pay.localhost')->click('Cancel')->seeing('Nothing was paid')->click('Back to the checkout')->seeing('Pay €13.70');
        $browser->click('Pay €13.70')->arrivingAt('pay.localhost');
        $browser->driver->navigate()->back();
        $browser->seeing('Pay €13.70')->click('Pay €13.70')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('1001');
        $browser->driver->navigate()->back();
        $browser->driver->navigate()->back();

        self::assertSame([1, 8], [Order::query()->where('shop_id', $this->shop->id)->count(), $this->honey->refresh()->stock]);
    }

    public function test_back_and_reload_never_add_again(): void
    {
        $this->offer->update(['destination' => Onwards::Cart]);
        $link = $this->placement($this->offer)->link($this->shop)->url();
        $browser = $this->browser()->goTo($this->standinAddress('blog', '/board'));
        $browser->type('HTML', "<a href=\"{$link}\">Add it</a>")->click('Pin it and look')->arrivingAt('/board/')->click('Add it')->arrivingAt('/cart');

        $browser->driver->navigate()->refresh();
        $browser->driver->navigate()->back();
        $browser->driver->navigate()->forward();

        self::assertSame('1', $browser->seeing('€9.80')->field('Quantity of Heather honey')->getAttribute('value'));
    }

    public function test_the_checkout_is_complete_without_script(): void
    {
        $link = $this->placement($this->offer)->link($this->shop)->url();
        $browser = $this->browser();
        $browser->runWithoutScript();
        $browser->goTo($link)->type('Quantity of Heather honey', '2')->click('Work out the total')->arrivingAt('after=changed')->seeing('€23.50');
        $this->fill($browser)->click('Pay €23.50')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('1001');
    }

    public function test_a_form_with_mistakes_says_so_at_each_field(): void
    {
        $browser = $this->browser()->goTo($this->placement($this->offer)->link($this->shop)->url())->type('E-mail', 'ada')->click('Pay €13.70')
            ->seeing('4 things are still to be put right')->seeing('This is not an e-mail address yet')->seeing('The town is missing.');

        self::assertSame('ada', $browser->field('E-mail')->getAttribute('value'));
        $this->fill($browser)->click('Pay €13.70')->arrivingAt('pay.localhost');
    }

    public function test_the_bill_shows_the_last_change_however_slow_the_one_before_it_is(): void
    {
        $browser = $this->browser()->goTo($this->placement($this->offer)->link($this->shop)->url())->seeing('Pay €13.70');
        $browser->evaluate('const real = window.fetch; let asked = 0; window.fetch = async (...it) => { const slow = asked++ === 0; const pause = () => new Promise((later) => setTimeout(later, slow ? 1000 : 0)); await pause(); const answer = await real(...it); await pause(); return answer }');
        $browser->evaluate('const field = document.querySelector("input[data-reckon]"); for (const value of ["2", "3"]) { field.value = value; field.dispatchEvent(new Event("change", { bubbles: true })) }');
        $browser->type('E-mail', 'ada@typed.example');

        $browser->seeing('Pay €33.30');
        self::assertSame('ada@typed.example', $browser->field('E-mail')->getAttribute('value'));
        usleep(1_500_000);
        self::assertStringContainsString('Pay €33.30', $browser->text());
        self::assertStringNotContainsString('€23.50', $browser->text());
        $this->fill($browser)->click('Pay €33.30')->arrivingAt('pay.localhost');
    }

    public function test_enter_in_a_field_of_the_cart_works_the_bill_out_and_takes_nothing_out(): void
    {
        $this->offer->update(['destination' => Onwards::Cart]);
        $browser = $this->browser()->goTo($this->placement($this->offer)->link($this->shop)->url())->arrivingAt('/cart')->seeing('€9.80');
        // Typed over what stands there: a field that is cleared first is reckoned, and replaced, meanwhile.
        $browser->clickCss('input[name^=quantity]')->evaluate('document.activeElement.select()');
        $browser->driver->getKeyboard()->sendKeys('3');
        $browser->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $browser->seeing('€29.40')->notSeeing('Taken out');
        self::assertSame(3, CartLine::query()->whereRelation('product', 'shop_id', $this->shop->id)->firstOrFail()->quantity);
    }

    public function test_a_button_that_is_pressed_while_the_bill_is_reckoned_does_what_it_says(): void
    {
        $browser = $this->browser()->goTo($this->placement($this->offer)->link($this->shop)->url())->seeing('Pay €13.70');
        $browser->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street', '12 Chandler Court')->type('Town', 'Tarnmouth');
        $browser->evaluate('const real = window.fetch; window.fetch = async (...it) => { await new Promise((later) => setTimeout(later, 600)); return real(...it) }');

        $browser->choose('Country', 'GB')->pressSlowly('Pay €13.70', 1.5)->arrivingAt('pay.localhost');
    }

    private function atPayment(): Browser
    {
        return $this->fill($this->browser()->goTo($this->placement($this->offer)->link($this->shop)->url())->seeing('Pay €13.70'))->click('Pay €13.70')->arrivingAt('pay.localhost');
    }

    private function fill(Browser $browser): Browser
    {
        return $browser->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street', '12 Chandler Court')->type('Town', 'Tarnmouth')->choose('Country', 'GB');
    }

    private function untilCaptured(): void
    {
        $this->browser()->until(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->whereNotNull('captured_at')->count() === 1, 'the capture');
    }
}
