<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\GiftCard;
use App\Models\Order;
use PaperKite\GiftCard\CardCode;
use PHPUnit\Framework\Attributes\DataProvider;

/** A card is bought for somebody, half of it is used, its rest is looked at, money comes back onto it, and two cards pay for all of an order. */
final class GiftCardTripTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_a_card_is_bought_used_refilled_and_ended(int $width): void
    {
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')
            ->type('Name', 'A gift card for somebody who would rather choose')->type('SKU', 'card')->click('Gift card')->seeing('Bought for somebody')
            ->type('Usual amount', '25')->type('Suggested amounts', '10, 25')->click('Save')->notSeeing('Bought for somebody');
        $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 1000, 'kind' => 'service']);
        $base = $this->shop->base();

        $browser->goTo("{$base}/p/card")->notSeeing('Another amount')->click('Buy now')->arrivingAt('/checkout/')->seeing('Who gets it')->notSeeing('Street and number');
        $this->assertAccessible($browser, 'the checkout of a gift card');
        $browser->type('Their name', 'Orla Finnerty')->type('Their e-mail', 'orla@letters.example')->type('Message', 'For a year of good breakfasts.');
        $browser->type('E-mail', 'ada@letters.example')->click('Pay €25.00')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/');
        $browser->until(fn (): bool => GiftCard::query()->where('shop_id', $this->shop->id)->exists(), 'The card is made.');
        $card = GiftCard::query()->where('shop_id', $this->shop->id)->sole();
        $code = CardCode::read((string) $card->code)?->shown() ?? self::fail('It has no code.');
        $browser->loading($this->standinAddress('outbox', '/'), 'A gift card for')->goTo($base.$card->pagePath())->seeing('For Orla Finnerty')->seeing($code);
        $this->assertAccessible($browser, 'a gift card');

        $browser->goTo("{$base}/p/honey")->click('Buy now')->arrivingAt('/checkout/')->click('Use a gift card')->type('Code of the card', '0000-0000-0000-0000')->clickCss('details [name=apply]')->seeing('opens no card');
        $browser->type('Code of the card', strtolower($code))->clickCss('details [name=apply]')->seeing("Card ending in {$card->tail} pays €10.00; €15.00 stays on it.");
        $this->assertAccessible($browser, 'a checkout that a card pays');
        $browser->type('E-mail', 'orla@letters.example')->click('Place the order')->arrivingAt('/thanks/')->seeing('−€10.00');
        $browser->goTo("{$base}/card")->type('Code of the card', $code)->click('Show it')->seeing("On the card ending in {$card->tail}: €15.00.");
        $this->assertAccessible($browser, 'the balance of a card');

        $order = Order::query()->where('shop_id', $this->shop->id)->latest('id')->firstOrFail();
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders/{$order->number}"))->seeing("Used Ending in …{$card->tail}")->click('Refund')->seeing('Choose what is given back')->click('Choose all')->seeing('back onto the gift cards')->click('Refund €10.00')->seeing('Refunded to the card');
        $this->assertAccessible($browser, 'an order that a card paid');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders"))->click('Gift cards')->seeing('Unused')->seeing('€25.00');
        $this->assertAccessible($browser, 'the list of gift cards');
        $browser->clickCss('[data-card] a')->seeing('Movements')->seeing('Opened by its link');
        $this->assertAccessible($browser, 'a gift card in the console');
        $browser->click('Void it')->seeing('is left on it')->type('Reason', 'Lost')->clickCss('[role=dialog] .deed')->seeing('Void: Lost');
        $browser->goTo("{$base}/card")->type('Code of the card', $code)->click('Show it')->seeing('opens no card');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }
}
