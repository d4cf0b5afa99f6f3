<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Product;
use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What a shopper takes out of the cart by mistake comes back as it was. */
final class PutBackTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    private Cart $cart;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Heather <b>honey</b>']);
        $this->visitor = Secrets::token();
        $digest = hash('sha256', $this->visitor);
        $this->cart = Cart::query()->create(['shop_id' => $this->shop->id, 'ref' => Secrets::ref(), 'visitor' => $digest, 'shared_by' => $digest, 'created_at' => now()]);
        $placement = $this->placement($this->offer($this->honey));
        $this->cart->lines()->create(['product_id' => $this->honey->id, 'quantity' => 3, 'placement_id' => $placement->id, 'attendees' => ['Ada']]);
        $this->cart->lines()->create(['product_id' => $this->product($this->shop, ['name' => 'Candle'])->id, 'quantity' => 1]);
    }

    public function test_a_quantity_of_zero_and_a_line_that_is_removed_can_be_taken_back(): void
    {
        foreach (['quantity' => ['quantity' => [$this->line()->id => '0'], 'update' => '1'], 'remove' => ['remove' => (string) $this->line()->id]] as $way => $sent) {
            $before = $this->line()->only(['product_id', 'quantity', 'placement_id', 'attendees', 'terms', 'pick_key']);
            if ($way === 'remove') {
                $sent = ['remove' => (string) $this->line()->id];
            }
            $this->send('/cart', $sent)->assertRedirect('/cart');
            self::assertSame(1, $this->cart->lines()->count());
            $this->page('/cart')->assertSee('Taken out: <bdi>Heather &lt;b&gt;honey&lt;/b&gt;</bdi>.', false);

            $this->send('/cart', ['put_back' => '1'])->assertRedirect('/cart');
            self::assertSame($before, $this->line()->only(array_keys($before)), $way);
            $this->page('/cart')->assertDontSee('Taken out');
            $this->send('/cart', ['put_back' => '1'])->assertRedirect('/cart');
            self::assertSame(2, $this->cart->lines()->count());
        }
    }

    public function test_what_came_in_again_meanwhile_stays_as_it_is(): void
    {
        $this->send('/cart', ['remove' => (string) $this->line()->id]);
        $this->cart->lines()->create(['product_id' => $this->honey->id, 'quantity' => 1]);
        $this->send('/cart', ['put_back' => '1']);

        self::assertSame(1, $this->line()->quantity);
    }

    public function test_an_emptied_cart_and_an_emptied_checkout_offer_it_too(): void
    {
        $this->send('/cart', ['quantity' => $this->cart->lines->mapWithKeys(static fn (CartLine $line): array => [$line->id => '0'])->all(), 'update' => '1']);
        $this->page('/cart')->assertSee('Nothing is in it yet.')->assertSee('Candle');
        $checkout = "/checkout/{$this->cart->ref}";
        $this->page($checkout)->assertSee('name="put_back"', false);
        $this->send($checkout, ['put_back' => '1'])->assertRedirect("{$checkout}?after=changed");

        self::assertSame(2, $this->cart->lines()->count());
        $this->page($checkout)->assertOk()->assertSee('Candle');
    }

    public function test_nobody_puts_back_what_another_took_out(): void
    {
        $this->send('/cart', ['remove' => (string) $this->line()->id]);
        $this->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->post($this->shop->base().'/cart', ['put_back' => '1']);

        self::assertSame(1, $this->cart->lines()->count());
    }

    private function line(): CartLine
    {
        return CartLine::query()->where(['cart_id' => $this->cart->id, 'product_id' => $this->honey->id])->sole();
    }

    /**
     * @param  array<string, mixed>  $sent
     * @return TestResponse<Response>
     */
    private function send(string $path, array $sent): TestResponse
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post($this->shop->base().$path, $sent);
    }

    /** @return TestResponse<Response> */
    private function page(string $path): TestResponse
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->get($this->shop->base().$path);
    }
}
