<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BuysByRequest;

/** A seller who gives money back: a jar, then an amount, then all that is left by cancelling; and what the shopper reads of it. */
final class RefundTripTest extends BrowserTestCase
{
    use BuysByRequest;

    #[DataProvider('widths')]
    public function test_money_goes_back_in_steps_and_the_order_is_cancelled(int $width): void
    {
        $honey = $this->product($this->shop, ['name' => 'Heather honey from the long moor above the Vale of Tarn, unfiltered, 340 g', 'stock' => 9]);
        $order = $this->paidOrder($this->placement($this->offer($honey, ['quantity' => 3])));
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/orders/{$order->number}"))->seeing('Paid');

        $browser->click('Refund')->seeing('Choose what is given back; here stands what it comes to.')->type('Pieces', '4')->seeing('Only 3 pieces can still be given back.')
            ->type('Pieces', '1')->seeing('€9.80 goes back to Ada, where it was paid from.');
        $this->assertAccessible($browser, 'the refund');
        $browser->click('Refund €9.80')->seeing('Partly refunded')->seeing('back in stock');
        self::assertSame(7, $honey->refresh()->stock);

        $browser->click('Refund')->click('An amount')->type('Amount', '2.50')->seeing('€2.50 goes back to Ada')->click('Refund €2.50')->seeing('The reason is missing.')
            ->type('Reason', 'A lid was loose.')->click('Refund €2.50')->notSeeing('Refund order')->seeing('A lid was loose.');
        $this->browser()->until(fn (): bool => $this->told(MessageKind::Refunded) === 2, 'both mails');

        $browser->click('Cancel order')->seeing('€21.00 goes back to Ada, where it was paid from. The shopper is told by mail. This can’t be taken back.');
        $this->assertAccessible($browser, 'the cancelling');
        $browser->click('Keep order')->notSeeing('Keep order');
        self::assertSame(0, $this->told(MessageKind::Cancelled));
        $browser->click('Cancel order')->seeing('Keep order');
        $browser->evaluate('[...document.querySelectorAll("[role=dialog] button")].find((button) => button.textContent.trim() === "Cancel order").click()');
        $browser->notSeeing('Keep order')->seeing('Cancelled')->notSeeing('Mark as packed')->notSeeing('Partly refunded')->seeing('Refunded');
        self::assertSame([9, 1], [$honey->refresh()->stock, $this->told(MessageKind::Cancelled)]);

        $this->assertAccessible($browser, 'an order with all its steps');
        $browser->type('Note', 'Ring her on Monday.')->click('Save note')->notSeeing('Save note');
        $browser->goTo("{$this->shop->base()}/thanks/{$order->token}")->seeing('This order was cancelled. All that was paid was given back.');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders"))->seeing('Cancelled 1')->click('Refunded 1')->seeing((string) $order->number)->click((string) $order->number)->seeing('Order '.$order->number);
        self::assertSame('Ring her on Monday.', Order::query()->findOrFail($order->id)->note);
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    private function told(MessageKind $kind): int
    {
        return Message::query()->where(['shop_id' => $this->shop->id, 'kind' => $kind])->count();
    }
}
