<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use PHPUnit\Framework\Attributes\DataProvider;

/** A course is put in, two seats of it are booked by name, its date is moved, and whoever booked is told, once. */
final class CourseTripTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_seats_are_booked_and_a_moved_date_is_told(int $width): void
    {
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')
            ->type('Name', 'Skep making, a morning')->type('SKU', 'skep')->click('Service')->seeing('Nothing is sent.')->type('Price', '48');
        $this->date($browser, 'Ends', '+4 weeks 13:00');
        $browser->seeing('Say when it begins, too');
        $this->date($browser, 'Begins', '+4 weeks 10:00');
        $browser->notSeeing('Say when it begins')->type('Place', 'Weir Cottage')->click('Ask who comes')->unfold('Seats')->click('Count the seats')->type('Free seats', '3')->click('Save')->seeing('3 in stock');

        $checkout = $browser->goTo("{$this->shop->base()}/p/skep")->seeing('Weir Cottage')->seeing('3 left.')->type('How many', '2')->click('Buy now')->arrivingAt('/checkout/');
        $checkout->type('E-mail', 'ada@letters.example')->type('Who comes, seat 1', 'Ada Nwosu-Reed')->click('Pay €96.00')->seeing('Say who comes: a name for each seat.')->type('Who comes, seat 2', 'דבש')
            ->click('Pay €96.00')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('Ada Nwosu-Reed, דבש')->seeing('Add to your calendar');
        $order = Order::query()->where('shop_id', $this->shop->id)->sole();
        $file = $browser->evaluate('const request = new XMLHttpRequest(); request.open("GET", document.querySelector("a[download]").href, false); request.send(); return request.responseText');
        self::assertStringContainsString("\r\nSEQUENCE:0\r\n", is_string($file) ? $file : '');

        $product = $this->shop->products()->sole();
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('Date and place');
        $this->date($browser, 'Begins', '+5 weeks 10:00');
        $this->date($browser, 'Ends', '+5 weeks 13:00');
        $browser->click('Save')->seeing('One order was booked for another date or place');
        self::assertSame(0, $this->told($order));
        $browser->click('Tell the shopper by mail')->notSeeing('One order was booked');
        self::assertSame(1, $this->told($order));

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders/{$order->number}"))->seeing('Nothing to send')->seeing('Who comes: Ada Nwosu-Reed, דבש')->notSeeing('Mark as packed');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    /** A field for a date is filled as its picker fills it. */
    private function date(Browser $browser, string $label, string $when): void
    {
        $browser->evaluate('const field = document.getElementById([...document.querySelectorAll("label")].find((label) => label.textContent.trim() === arguments[0]).htmlFor); field.value = arguments[1]; field.dispatchEvent(new Event("input", { bubbles: true }))', $label, date('Y-m-d\TH:i', (int) strtotime($when)));
    }

    private function told(Order $order): int
    {
        return Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::DateMoved])->count();
    }
}
