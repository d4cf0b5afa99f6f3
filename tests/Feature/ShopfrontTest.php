<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use PaperKite\Offer\Onwards;
use Tests\TestCase;

final class ShopfrontTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
    }

    public function test_the_list_shows_goods_and_prices_a_page_at_a_time(): void
    {
        $this->get($this->at('/'))->assertOk()->assertSee('The shelves are empty for now.');
        foreach (range(1, 25) as $number) {
            $this->product($this->shop, ['name' => sprintf('Jar %02d', $number), 'stock' => $number === 1 ? 0 : null]);
        }
        $this->product($this->shop(), ['name' => 'Somebody else’s jar']);

        $this->get($this->at('/'))->assertOk()->assertSee('Jar 01')->assertSee('Sold out')->assertSee('€9.80')->assertDontSee('Jar 25')->assertDontSee('Somebody else');
        $this->get($this->at('/?page=2'))->assertOk()->assertSee('Jar 25')->assertSee('Earlier goods');
    }

    public function test_a_product_has_a_page_under_its_sku(): void
    {
        $product = $this->product($this->shop, ['sku' => 'דבש-340', 'name' => 'Heather <honey>', 'stock' => 1]);
        $address = $this->at('/p/'.rawurlencode($product->sku));

        $this->get("{$address}?quantity=3&k=abc1234", ['Accept-Language' => 'en-IE'])->assertOk()->assertSee('Heather &lt;honey&gt;', false)->assertSee('value="3"', false)->assertSee('value="abc1234"', false)->assertSee('Shipping to Ireland: €3.90.');
        $product->update(['stock' => 0]);
        $this->get($address)->assertOk()->assertSee('Sold out')->assertDontSee('Add to cart');
        $this->get($this->at('/p/nothing'))->assertNotFound()->assertSee('Nothing is here');
        $this->get("http://{$this->shop()->host}/p/".rawurlencode($product->sku))->assertNotFound();
    }

    public function test_an_order_from_the_page_is_credited_to_the_placement_that_led_there(): void
    {
        $product = $this->product($this->shop);
        $placement = $this->placement($this->offer($product));
        $foreign = $this->placement($this->offer($this->product($this->shop())));

        foreach ([$placement->code => $placement->id, $foreign->code => null, 'nonsense' => null] as $code => $credited) {
            $answer = $this->post($this->at('/cart/add'), ['sku' => $product->sku, 'quantity' => '1', 'k' => (string) $code])->assertStatus(303);
            $visitor = hash('sha256', (string) $answer->headers->getCookies()[0]->getValue());
            $line = \App\Models\Cart::query()->where('visitor', $visitor)->firstOrFail()->lines()->firstOrFail();
            self::assertSame($credited, $line->placement_id);
        }
    }

    public function test_pages_say_what_is_wrong_in_words(): void
    {
        $this->get($this->at('/nowhere'))->assertNotFound()->assertSee('Nothing is here')->assertSee($this->shop->name);
        $this->delete($this->at('/cart'))->assertNotFound();
        $this->post($this->at('/cart'), [], ['Origin' => 'http://elsewhere.example'])->assertForbidden()->assertSee('This was not sent from here');
        $this->getJson($this->console('/api/nowhere'))->assertNotFound()->assertJsonStructure(['message']);
    }

    public function test_every_page_carries_its_policy_and_none_a_session(): void
    {
        $jar = $this->product($this->shop, ['sku' => 'jar']);
        foreach (['/', '/p/jar', '/cart', '/checkout/none', '/k/zzzzzzz', "/k/{$this->placement($this->offer($jar, ['destination' => Onwards::Choose]))->code}"] as $path) {
            $answer = $this->get($this->at($path));
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy, $path);
            self::assertStringContainsString("frame-ancestors 'none'", $policy, $path);
            self::assertStringNotContainsString('unsafe', $policy, $path);
            self::assertSame([], $answer->headers->getCookies(), $path);
            self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'), $path);
        }
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }
}
