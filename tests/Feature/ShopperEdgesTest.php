<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\SaveVariants;
use App\Http\Shopper\Visitor;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use App\Shoppers\ShopperSession;
use App\Text\Secrets;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a shopper meets off the beaten track: nothing is lost, and a page says how to go on. */
final class ShopperEdgesTest extends TestCase
{
    private Shop $shop;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->product($this->shop, ['sku' => 'honey']);
        $this->visitor = Secrets::token();
    }

    public function test_a_form_of_a_cart_that_is_gone_shows_the_empty_cart(): void
    {
        $this->post($this->at('/cart'), ['quantity' => ['7' => '3'], 'to_checkout' => '1'])->assertOk()->assertSee('Nothing is in it yet.');

        self::assertSame(0, Cart::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_checkout_that_is_gone_says_so_and_takes_nothing(): void
    {
        $this->add();
        $cart = $this->cart();
        $cart->lines()->delete();

        foreach (['get', 'post'] as $method) {
            $this->shopper()->{$method}($this->at("/checkout/{$cart->ref}"))->assertDontSee('Something went wrong')->assertDontSee('Pay €');
        }
        self::assertSame(0, DB::table('payments')->where('shop_id', $this->shop->id)->count());
    }

    #[DataProvider('notices')]
    public function test_a_checkout_says_why_the_shopper_is_back(string $after, string $sentence): void
    {
        $this->add();

        $this->shopper()->get($this->at("/checkout/{$this->cart()->ref}?after={$after}"))->assertOk()->assertSee($sentence);
        $this->shopper()->get($this->at("/checkout/{$this->cart()->ref}"))->assertOk()->assertDontSee($sentence);
    }

    /** @return iterable<array{string, string}> */
    public static function notices(): iterable
    {
        yield ['declined', 'nothing was paid'];
        yield ['changed', 'The total has changed.'];
    }

    public function test_very_many_carts_from_one_address_wait_and_lose_nothing(): void
    {
        config(['kite.clicks.new_carts_per_minute' => 1]);
        $this->add();
        $this->visitor = Secrets::token();

        $this->add()->assertTooManyRequests()->assertSee('Wait a minute and try again');
        self::assertSame(1, CartLine::query()->count());
        $this->travel(61)->seconds();
        $this->add()->assertStatus(303);
    }

    #[DataProvider('rests')]
    public function test_what_is_still_to_be_taken_leads_into_this_shop_or_to_the_cart(string $rest, string $location): void
    {
        $this->add(['rest' => $rest])->assertStatus(303)->assertHeader('Location', $location);
    }

    /** @return iterable<string, array{string, string}> */
    public static function rests(): iterable
    {
        yield 'nothing' => ['', '/cart'];
        yield 'goods' => ['2*wrap,candle?to=cart', '/p/wrap?quantity=2&rest=candle%3Fto%3Dcart'];
        yield 'goods, and a coupon' => ['2*wrap?to=cart&coupon=MAY', '/p/wrap?quantity=2&rest=%3Fto%3Dcart%26coupon%3DMAY'];
        yield 'goods that lead nowhere' => ['2*wrap,candle', '/cart'];
        yield 'a way back that is not listed' => ['?to=stay&back=https%3A%2F%2Felsewhere.example%2F', '/?after=added'];
        yield 'an address elsewhere' => ['https://elsewhere.example/', '/cart'];
        yield 'no address at all' => ['//elsewhere.example', '/cart'];
        yield 'bytes' => ["\xff", '/cart'];
        yield 'a line end' => ["wrap\r\nLocation: https://elsewhere.example", '/cart'];
    }

    #[DataProvider('wrongQuantities')]
    public function test_a_quantity_that_is_none_is_said_and_kept_as_typed(string $typed, string $sentence): void
    {
        $this->add(['quantity' => $typed])->assertUnprocessable()->assertSee($sentence)->assertSee('value="'.e($typed).'"', false);

        self::assertSame(0, CartLine::query()->count());
    }

    /** @return iterable<array{string, string}> */
    public static function wrongQuantities(): iterable
    {
        yield ['0', 'whole number'];
        yield ['-2', 'whole number'];
        yield ['1.5', 'whole number'];
        yield ['two', 'whole number'];
        yield ['"><script>', 'whole number'];
        yield ['99999999999999999999', 'whole number'];
    }

    public function test_where_nothing_ships_the_page_of_the_goods_says_no_fee(): void
    {
        $this->shop->update(['rules' => new ShopRules($this->shop->currency(), $this->shop->zone(), new TaxRates(true, []), null, [new ShippingZone('Home', ['IE'], null, null)])]);

        $this->get($this->at('/p/honey'), ['Accept-Language' => 'en-IE'])->assertOk()->assertSee('Ships free to Ireland.');
        $this->get($this->at('/p/honey'), ['Accept-Language' => 'de-DE'])->assertOk()->assertDontSee('to Germany');
    }

    public function test_what_one_shop_calls_a_variant_another_can_not_add(): void
    {
        $other = $this->shop();
        $wrap = $this->product($other, ['sku' => 'wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Large')])]]);
        $wrap->variants()->create(['shop_id' => $other->id, 'position' => 0, 'sku' => 'wrap-l', 'choices' => ['Large'], 'choices_digest' => SaveVariants::digest(['Large'])]);

        $this->add(['sku' => 'wrap', 'choice' => ['Large']])->assertNotFound();
        $this->add(['sku' => 'wrap-l'])->assertNotFound();
        self::assertSame(0, CartLine::query()->count());
    }

    public function test_signing_out_ends_it_in_this_shop_alone(): void
    {
        $other = $this->shop();
        $visitor = Visitor::of(Request::create('/', cookies: ['kite_visitor' => $this->visitor]))->owner();
        app(ShopperSession::class)->begin($this->shop, $visitor, 'ada@letters.example');
        app(ShopperSession::class)->begin($other, $visitor, 'ada@letters.example');

        $this->shopper()->post($this->at('/account/sign-out'))->assertStatus(303)->assertHeader('Location', '/account');
        $this->shopper()->get($this->at('/account'))->assertOk()->assertDontSee('ada@letters.example');
        self::assertSame([null, 'ada@letters.example'], [app(ShopperSession::class)->emailKey($this->shop, $visitor), app(ShopperSession::class)->emailKey($other, $visitor)]);
        $this->travel(31)->days();
        self::assertNull(app(ShopperSession::class)->emailKey($other, $visitor));
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function add(array $with = []): TestResponse
    {
        return $this->shopper()->post($this->at('/cart/add'), $with + ['sku' => 'honey', 'quantity' => '1']);
    }

    private function cart(): Cart
    {
        return Cart::query()->where('visitor', hash('sha256', $this->visitor))->sole();
    }

    private function shopper(): self
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor]);
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }
}
