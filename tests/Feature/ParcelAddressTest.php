<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\ProductForm;
use App\Models\Cart;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\SettlePayment;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\ParcelAddress;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Order\GoodsState;
use PaperKite\Payment\ProviderState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\TestCase;

/** Whether the checkout asks where it goes: by kind, and as the product says otherwise. */
final class ParcelAddressTest extends TestCase
{
    private Shop $shop;

    private string $visitor = '';

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
    }

    #[DataProvider('products')]
    public function test_what_a_product_says_is_what_the_checkout_asks(ProductKind $kind, ?ParcelAddress $says, bool $asks, bool $insists): void
    {
        $this->sold($kind, $says);
        $page = $this->checkout();
        $asks ? $page->assertSee('name="street"', false) : $page->assertDontSee('name="street"', false);

        $answer = $this->submit($page, ['email' => 'ada@letters.example', 'country' => 'IE']);
        $insists ? $answer->assertUnprocessable()->assertSee('The street and number is missing.') : $answer->assertStatus(303);
    }

    /** @return iterable<string, array{ProductKind, ParcelAddress|null, bool, bool}> */
    public static function products(): iterable
    {
        yield 'goods, as usual' => [ProductKind::Physical, null, true, true];
        yield 'goods that are collected' => [ProductKind::Physical, ParcelAddress::NotAsked, false, false];
        yield 'goods can’t do with half an address' => [ProductKind::Physical, ParcelAddress::Optional, true, true];
        yield 'a service, as usual' => [ProductKind::Service, null, false, false];
        yield 'a service at the shopper’s own place' => [ProductKind::Service, ParcelAddress::Required, true, true];
        yield 'a service that may come' => [ProductKind::Service, ParcelAddress::Optional, true, false];
        yield 'a donation, as usual' => [ProductKind::Donation, null, false, false];
        yield 'a donation with a card of thanks' => [ProductKind::Donation, ParcelAddress::Optional, true, false];
    }

    public function test_goods_that_are_collected_are_not_sent_and_cost_no_shipping(): void
    {
        $this->sold(ProductKind::Physical, ParcelAddress::NotAsked);
        $this->visit('/p/honey')->assertSee('You collect it; nothing is sent.')->assertDontSee('Shipping to');
        $this->submit($this->checkout()->assertDontSee('Shipping')->assertSee('Pay €9.80'), ['email' => 'ada@letters.example'])->assertStatus(303);
        $order = $this->settled();

        self::assertSame([980, 0, '', GoodsState::New], [$order->total_minor, $order->shipping_minor, $order->street, $order->goods_state]);
        $this->visit("/thanks/{$order->token}")->assertDontSee('Shipping')->assertSee('€9.80');
    }

    public function test_beside_a_parcel_the_parcel_decides(): void
    {
        $this->sold(ProductKind::Donation, ParcelAddress::Optional);
        $this->product($this->shop, ['sku' => 'jam']);
        $this->visit('/take/jam?to=cart')->assertRedirect();
        $page = $this->checkout();

        $page->assertSee('Shipping');
        $this->submit($page, ['email' => 'ada@letters.example', 'country' => 'IE'])->assertUnprocessable()->assertSee('The town is missing.');
    }

    public function test_an_address_that_may_be_given_is_kept_when_it_is(): void
    {
        $this->sold(ProductKind::Service, ParcelAddress::Optional);
        $this->submit($this->checkout()->assertSee('if you like'), ['email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '12 Chandler Court', 'town' => 'Tarnmouth', 'country' => 'GB'])->assertStatus(303);

        self::assertSame(['12 Chandler Court', 'Tarnmouth', 0], [($order = $this->settled())->street, $order->town, $order->shipping_minor]);
    }

    public function test_what_the_kind_does_not_have_is_kept_for_when_it_does(): void
    {
        $product = $this->product($this->shop, ['sku' => 'honey', 'kind' => ProductKind::Service, 'parcel_address' => ParcelAddress::Optional]);
        $this->save($product, ['kind' => 'physical'])->assertOk();
        self::assertSame([ParcelAddress::Optional, ParcelAddress::Required], [$product->refresh()->parcel_address, $product->toCore()->address()]);
        $this->save($product, ['kind' => 'service'])->assertOk();
        self::assertSame(ParcelAddress::Optional, $product->refresh()->toCore()->address());

        $this->save($product, ['parcel_address' => 'now and then'])->assertJsonValidationErrors(['parcel_address' => 'Choose whether the address is asked']);
        $this->save($product, ['parcel_address' => ''])->assertOk();
        self::assertNull($product->refresh()->parcel_address);
    }

    private function sold(ProductKind $kind, ?ParcelAddress $says): void
    {
        $this->product($this->shop, ['sku' => 'honey', 'kind' => $kind, 'parcel_address' => $says]);
        $this->visit($kind === ProductKind::Donation ? '/take/honey=9.80?to=cart' : '/take/honey?to=cart')->assertRedirect();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function checkout(): TestResponse
    {
        return $this->visit($this->shop->checkoutPath(Cart::query()->where('shop_id', $this->shop->id)->sole()->ref))->assertOk();
    }

    /**
     * @param  TestResponse<\Illuminate\Http\Response>  $page
     * @param  array<string, string>  $typed
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function submit(TestResponse $page, array $typed): TestResponse
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $page->getContent(), $digest);
        $path = $this->shop->checkoutPath(Cart::query()->where('shop_id', $this->shop->id)->sole()->ref);

        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post($this->shop->base().$path, $typed + ['digest' => $digest[1] ?? '', 'pay' => '1'], ['Origin' => $this->shop->base()]);
    }

    private function settled(): Order
    {
        $payment = Payment::query()->where('shop_id', $this->shop->id)->sole();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        return Order::query()->where('checkout_id', $payment->checkout_id)->with('lines')->sole();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function visit(string $path): TestResponse
    {
        $answer = $this->withUnencryptedCookies($this->visitor === '' ? [] : ['kite_visitor' => $this->visitor])->get($this->shop->base().$path, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
        $this->visitor = $answer->getCookie('kite_visitor', false)?->getValue() ?? $this->visitor;

        return $answer;
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function save(Product $product, array $with): TestResponse
    {
        $this->actingAs($this->person($this->shop));

        return $this->putJson($this->console("/api/shops/{$this->shop->slug}/products/{$product->id}"), $with + self::sent(ProductForm::of($product->load(['variants', 'pictures', 'categories', 'addOns']), $this->shop->zone())));
    }
}
