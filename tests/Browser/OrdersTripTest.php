<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\CheckoutState;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Orders\WriteOrder;
use Illuminate\Support\Facades\DB;
use PaperKite\Order\MoneyState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\OpensPayments;

/** A seller's morning: what came in is packed and sent, several at once and one by itself. */
final class OrdersTripTest extends BrowserTestCase
{
    use OpensPayments;

    #[DataProvider('widths')]
    public function test_orders_are_packed_at_once_and_sent_with_a_mail(int $width): void
    {
        foreach (['Ada' => 'ada@letters.example', 'Bo' => 'bo@letters.example', 'Cy' => 'cy@letters.example'] as $email) {
            $this->ordered($email);
        }
        $browser = $this->atTheConsole($width)->click('Orders')->seeing('New 3')->seeing('1003');

        $browser->clickCss('input[aria-label="Select order 1001"]')->clickCss('input[aria-label="Select order 1002"]')->seeing('2 selected')
            ->click('Mark as packed')->notSeeing('2 selected')->seeing('Packed 2')->seeing('New 1');
        $browser->click('Packed 2')->notSeeing('1003')->seeing('1001')->clickCss('input[aria-label="Select all on this page"]')->seeing('2 selected')
            ->click('Mark as sent')->seeing('Send 2 orders')->seeing('can’t be taken back')->notSeeing('Tracking address');
        self::assertSame(0, $this->told());
        $browser->clickCss('[role=dialog] button[type=button]')->notSeeing('Send 2 orders')->click('Mark as sent')->type('Carrier (optional)', 'Tarn Parcel')->click('Mark as sent and tell by mail')->seeing('Sent 2')->seeing('No order has this state.');
        self::assertSame(2, $this->told());

        $browser->click('Sent 2')->seeing('Download as CSV')->seeing('1001');
        $sheet = $this->fetched($browser, 'a[download]');
        self::assertStringContainsString("\r\n1001,", $sheet);
        self::assertStringNotContainsString("\r\n1003,", $sheet);
        $browser->click('All')->click('1003')->arrivingAt('/orders/1003')->seeing('New')->click('Mark as sent')->seeing('Send order 1003')
            ->type('Tracking address (optional)', 'http://parcels.example/7')->click('Mark as sent and tell by mail')->seeing('it begins with https://.')
            ->type('Tracking address (optional)', 'https://parcels.example/7')->click('Mark as sent and tell by mail')->seeing('Sent on')->seeing('by Wren Halloway')->seeing('Track the parcel')->notSeeing('Mark as');
        self::assertSame(3, $this->told());
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    private function ordered(string $email): void
    {
        $payment = $this->opened($this->shop, $this->product($this->shop), 1, email: $email);
        DB::transaction(static fn (): Order => app(WriteOrder::class)($payment->checkout));
        $payment->checkout->update(['state' => CheckoutState::Ordered]);
        Order::query()->where('checkout_id', $payment->checkout_id)->update(['captured_at' => now(), 'money_state' => MoneyState::Paid]);
    }

    /** What the page's link would save on the seller's disk. */
    private function fetched(Browser $browser, string $link): string
    {
        $text = $browser->evaluate('const request = new XMLHttpRequest(); request.open("GET", document.querySelector(arguments[0]).href, false); request.send(); return request.responseText', $link);

        return is_string($text) ? $text : '';
    }

    private function told(): int
    {
        return Message::query()->where(['shop_id' => $this->shop->id, 'kind' => MessageKind::Sent])->count();
    }
}
