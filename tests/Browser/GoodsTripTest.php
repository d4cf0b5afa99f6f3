<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Demo\MosslightGoods;
use App\Demo\MosslightRules;
use App\Models\Order;
use App\Models\Variant;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** A shopper's trip through the goods: variants, a sale, an add-on, a coupon, a table by weight; and the mail after it. */
final class GoodsTripTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // The outbox shows the mail of all shops of this machine.
        $this->shop->update(['name' => 'Tarn Side '.bin2hex(random_bytes(3))]);
        (new MosslightRules)->load($this->shop);
        $goods = app(MosslightGoods::class)->load($this->shop);
        $goods['honey-340']->update(['sale_from' => now()->subDay()]);
    }

    #[DataProvider('widths')]
    public function test_from_the_shopfront_to_the_mailed_receipt(int $width): void
    {
        $base = $this->shop->base();
        $browser = $this->browser($width)->goTo("{$base}/")->seeing('€8.40')->click('From beeswax')->seeing('Tall beeswax candle')->notSeeing('Willow honey');

        $browser->click('Beeswax food wrap')->arrivingAt('/p/wrap')->seeing('€9.25')->click('Large')->seeing('€11.75')->click('Foxglove')->seeing('4 left.')
            ->click('Medium')->seeing('Sold out at the moment.')->click('Add to cart')->seeing('choose another')
            ->click('Large')->click('Clover')->type('How many', '2')->click('Add to cart')->arrivingAt('/cart')->seeing('Size: Large');
        $browser->goTo("{$base}/p/wrap")->click('Small')->click('Plain')->click('Add to cart')->arrivingAt('/cart')->seeing('Size: Small')->seeing('€35.90');
        $browser->goTo("{$base}/p/honey-340")->click('Add to cart')->arrivingAt('/cart')->seeing('Goes well with it')->click('Tall beeswax candle')->arrivingAt('/p/candle')->click('Add to cart')->seeing('€12.95');

        $browser->type('Coupon', 'WRONG')->click('Use it')->seeing('The coupon “WRONG” is not valid.')->type('Coupon', 'BLOSSOM')->click('Use it')->seeing('Coupon BLOSSOM')->seeing('−€7.70')
            ->type('Quantity of Beeswax food wrap · Small · Plain', '2')->press(WebDriverKeys::TAB)->seeing('−€8.68');
        $browser->click('Go to the checkout')->arrivingAt('/checkout/')->seeing('Pay €54.07')
            ->choose('Country', 'DE')->seeing('Pay €58.97')->click('Why?')
            ->type('E-mail', 'jonas@letters.example')->type('Name', 'Jonas Ackerfeld')->type('Street', 'Lindenweg 8')->type('Postcode', '24937')->type('Town', 'Moorhafen')->type('Anything we should know', 'Leave it at the mill.')
            ->click('Pay €58.97')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('Your order 1001 is made.')->seeing('Large · Clover')->seeing('Leave it at the mill.');

        $this->mailed($browser, "Your order 1001 at {$this->shop->name}")->click("Your order 1001 at {$this->shop->name}")->seeing('2 × Beeswax food wrap (Large · Clover): €23.50')->seeing('Total: €58.97');
        self::assertSame([7, 22], array_map(fn (string $sku): ?int => Variant::query()->where(['shop_id' => $this->shop->id, 'sku' => $sku])->sole()->stock, ['wrap-l-clover', 'wrap-s-plain']));
        self::assertSame(1, Order::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_what_changed_while_the_shopper_typed_is_said_before_anything_is_paid(): void
    {
        $browser = $this->browser()->goTo("{$this->shop->base()}/p/honey-340")->click('Add to cart')->arrivingAt('/cart')->click('Go to the checkout')->arrivingAt('/checkout/')->seeing('Pay €12.30')
            ->type('E-mail', 'ada@letters.example')->type('Name', 'Ada')->type('Street', '1 Row')->type('Town', 'Tarn');
        $this->shop->products()->where('sku', 'honey-340')->update(['sale_minor' => null]);

        $browser->click('Pay €12.30')->seeing('The bill has changed since this page was shown.')->seeing('from €8.40 to €9.80')->seeing('Pay €13.70');
        self::assertSame('Ada', $browser->field('Name')->getAttribute('value'));
        $this->shop->products()->where('sku', 'honey-340')->update(['stock' => 0]);
        $browser->click('Pay €13.70')->seeing('This has sold out; remove it to go on.');
        self::assertSame(0, Order::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_returning_shopper_signs_in_by_mail(): void
    {
        $browser = $this->browser()->goTo("{$this->shop->base()}/p/candle")->click('Add to cart')->arrivingAt('/cart')->click('Go to the checkout')
            ->type('E-mail', $email = 'maeve-'.bin2hex(random_bytes(3)).'@letters.example')->type('Name', 'Maeve Cullinane')->type('Street', 'Weir Cottage')->type('Town', 'Mossfield')
            ->click('Pay')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/');

        $browser->goTo("{$this->shop->base()}/account")->type('E-mail', $email)->click('Mail me a link')->seeing('a link is on its way');
        $this->mailed($browser, "Sign in at {$this->shop->name}")->click("Sign in at {$this->shop->name}")->click('http')->seeing('One more step')
            ->click('Go on')->arrivingAt('/account')->seeing('Order 1001');
        $browser->goTo("{$this->shop->base()}/p/candle")->click('Add to cart')->arrivingAt('/cart')->click('Go to the checkout')->seeing('Where it goes');
        self::assertSame('Weir Cottage', $browser->field('Street')->getAttribute('value'));
    }

    private function mailed(Browser $browser, string $text): Browser
    {
        return $browser->loading($this->standinAddress('outbox', '/'), $text);
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }
}
