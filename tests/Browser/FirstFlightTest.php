<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Order;
use App\Models\StockMovement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** The whole trip: a seller makes an offer, another site carries its button, a shopper pays, the order stands in the list. */
final class FirstFlightTest extends BrowserTestCase
{
    #[DataProvider('widths')]
    public function test_a_button_on_somebody_elses_page_takes_a_shopper_to_a_paid_order(int $width): void
    {
        $browser = $this->atTheConsole($width)->seeing('When someone clicks a button of yours');

        $browser->click('New offer')->seeing('there is none yet')->click('Add your first product')->seeing('Not counted.')
            ->type('Name', 'Heather honey, 340 g')->type('SKU', 'honey,340')->seeing('“honey-340” would do.')->type('SKU', 'honey-340')
            ->type('Price', '9.801')->seeing('more decimals than EUR')->type('Price', '9.80')->seeing('Shoppers see €9.80.')
            ->unfold('Stock')->click('Count the stock')->type('Pieces', '5');
        $browser->click('Save')->seeing('5 in stock');

        $browser->click('Offers')->click('New offer')->seeing('straight to paying')->seeing('Not saved yet')
            ->click('Caption: Buy now. Change it')->type('Words on the button', 'Take one home')->press(WebDriverKeys::ENTER)->seeing('Take one home')
            ->click('Publish')->seeing('All is saved.')->seeing('Live')
            ->click('Another place')->type('Name of the new place', 'the spring post')->click('Place it')->seeing('the spring post');
        $snippet = $browser->css('[data-snippet]')->getText();
        $browser->click('Copy HTML button')->seeing('Copied');

        $browser->goTo($this->standinAddress('blog', '/board'))->type('HTML', $snippet)->click('Pin it and look')->arrivingAt('/board/')
            ->click('Take one home')->arrivingAt('/checkout/')->seeing('Pay €13.70')
            ->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street', '12 Chandler Court')->type('Town', 'Tarnmouth')->choose('Country', 'GB')
            ->click('Pay €13.70')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('Your order 1001 is made.')->seeing('€13.70');

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders"))->seeing('Ada Nwosu-Reed')->click('1001')->seeing('Paid on')->seeing('12 Chandler Court');
        self::assertSame([1, 4], [Order::query()->where('shop_id', $this->shop->id)->count(), $this->shop->products()->firstOrFail()->stock]);
        self::assertSame(1, StockMovement::query()->where('product_id', $this->shop->products()->firstOrFail()->id)->count());
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/offers"))->seeing('1 click');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }
}
