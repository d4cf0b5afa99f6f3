<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Order;
use PHPUnit\Framework\Attributes\DataProvider;

/** A cause is put in, its button stands on somebody else's page, and a shopper gives: alone, and beside honey. */
final class DonationTripTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_a_cause_is_given_to_alone_and_beside_goods(int $width): void
    {
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')
            ->type('Name', 'Hedgerow fund for the long lanes of the Vale of Tarn')->type('SKU', 'hedgerow')->click('Donation')->seeing('The shopper says how much')->notSeeing('Not counted.')
            ->type('Usual amount', '10')->type('Minimum', '2')->type('Suggested amounts', '1, 10, 25')->seeing('€1.00 is outside the limits')->type('Suggested amounts', '5, 10, 25')
            ->type('Words of thanks', 'We write in spring.')->click('Save')->seeing('not counted');

        $browser->click('Offers')->click('New offer')->seeing('as much as they like')->click('Publish')->seeing('Live')
            ->click('Another place')->type('Name of the new place', 'the notice board')->click('Place it')->seeing('the notice board');
        $snippet = $browser->css('[data-snippet]')->getText();

        $browser->goTo($this->standinAddress('blog', '/board'))->type('HTML', $snippet)->click('Pin it and look')->arrivingAt('/board/')->click('Donate now')->arrivingAt('/o/')
            ->type('Another amount', '1')->click('Donate now')->seeing('€1.00 is less than the least amount')->type('Another amount', '7.50')->click('Donate now')->arrivingAt('/checkout/')
            ->seeing('Where the receipt goes')->notSeeing('Street and number')->type('E-mail', 'ada@letters.example')->click('Pay €7.50')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('We write in spring.');

        $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather honey', 'price_minor' => 980]);
        $browser->goTo("{$this->shop->base()}/take/honey?to=cart")->seeing('€13.70')->goTo("{$this->shop->base()}/p/hedgerow")->seeing('You choose the amount')->click('€25.00')->click('Add donation')->arrivingAt('/cart')->seeing('€38.70')
            ->click('Go to the checkout')->seeing('Street and number');

        self::assertSame([750, 'ada@letters.example', ''], [($order = Order::query()->where('shop_id', $this->shop->id)->sole())->total_minor, $order->email, $order->street]);
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders/{$order->number}"))->seeing('ada@letters.example')->notSeeing('Shipping');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }
}
