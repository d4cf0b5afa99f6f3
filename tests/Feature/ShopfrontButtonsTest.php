<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\Onwards;
use Tests\TestCase;

/** Which buttons stand in the shop's own pages, what they say, and what follows. */
final class ShopfrontButtonsTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['sku' => 'honey', 'stock' => 3]);
        $this->actingAs($this->person($this->shop));
    }

    public function test_buttons_stand_as_the_shop_says_and_as_a_product_says_otherwise(): void
    {
        $this->get($this->at('/'))->assertSee('Add to cart')->assertDontSee('Buy now')->assertSee('Look closer');
        $this->get($this->at('/p/honey'))->assertSeeInOrder(['Add to cart', 'Buy now']);
        $this->arrange(['buttons' => ['list' => 'none', 'product' => 'buy_cart', 'glance' => 'buy'], 'captions' => ['product_pay' => 'Take it', 'glance_pay' => 'Mine']])->assertOk()->assertJsonPath('entry.buttons.list', 'none');

        $this->get($this->at('/'))->assertDontSee('Add to cart')->assertSee('Look closer');
        $this->get($this->at('/p/honey'))->assertSeeInOrder(['Take it', 'Add to cart']);
        $this->get($this->at('/p/honey?glance=1'))->assertSee('Mine')->assertDontSee('Add to cart');
        $this->honey->update(['buttons' => ['product' => 'cart', 'product_cart' => 'Into the basket', 'list_cart' => 'Elsewhere']]);
        $this->get($this->at('/p/honey'))->assertSee('Into the basket')->assertDontSee('Take it');
    }

    public function test_what_the_shop_says_everywhere_stands_on_its_own_buttons_and_on_those_of_its_offers(): void
    {
        $offers = array_map(fn (Onwards $onwards): Offer => $this->offer($this->honey, ['destination' => $onwards]), [Onwards::Pay, Onwards::Cart, Onwards::Choose]);
        $this->arrange(['words' => ['adding' => 'Into the basket', 'buying' => 'Buy it today', 'idle' => 'See it']])->assertOk()->assertJsonPath('entry.words.adding', 'Into the basket');

        $this->get($this->at('/'))->assertSee('Into the basket')->assertDontSee('Add to cart');
        $this->get($this->at('/p/honey'))->assertSeeInOrder(['Into the basket', 'Buy it today'])->assertDontSee('See it');
        self::assertSame(['Buy it today', 'Into the basket', 'See it'], array_map(fn (Offer $offer): string => $offer->refresh()->toCore($this->shop->refresh(), '')->caption(), $offers));
        // What is said of a surface, and of a product there, is said sooner.
        $this->arrange(['words' => ['adding' => 'Into the basket'], 'captions' => ['list_cart' => 'Pop it in']])->assertOk();
        $this->get($this->at('/'))->assertSee('Pop it in');
        $this->honey->update(['buttons' => ['list_cart' => 'One jar, please']]);
        $this->get($this->at('/'))->assertSee('One jar, please');
        $this->get($this->at('/p/honey'))->assertSee('Into the basket')->assertDontSee('One jar, please');
        $this->arrange(['words' => ['buying' => str_repeat('x', 41)]])->assertUnprocessable()->assertJsonValidationErrorFor('words.buying');
    }

    public function test_buying_now_is_a_cart_of_its_own_once_however_often_it_is_pressed(): void
    {
        $answer = $this->add(['to' => 'pay']);
        $ref = Cart::query()->firstOrFail()->ref;
        $answer->assertRedirect("/checkout/{$ref}");

        $this->withUnencryptedCookies(['kite_visitor' => (string) $answer->headers->getCookies()[0]->getValue()])->add(['to' => 'pay'])->assertRedirect("/checkout/{$ref}");
        self::assertSame([1, 1], [CartLine::query()->count(), CartLine::query()->firstOrFail()->quantity]);
        $other = $this->product($this->shop, ['sku' => 'comb']);
        self::assertNotSame("/checkout/{$ref}", $this->add(['to' => 'pay', 'sku' => $other->sku])->headers->get('Location'));
    }

    public function test_what_follows_adding_is_the_sellers_to_say(): void
    {
        $this->add([])->assertRedirect('/cart');
        $this->arrange(['after_adding' => 'checkout'])->assertOk();
        self::assertStringStartsWith('/checkout/', (string) $this->add([])->headers->get('Location'));
        $this->arrange(['after_adding' => 'address', 'address' => 'https://fern.example/more'])->assertUnprocessable()->assertJsonValidationErrorFor('address');
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        $this->arrange(['after_adding' => 'address', 'address' => 'https://fern.example/more'])->assertOk();
        $this->add([])->assertRedirect('https://fern.example/more');

        // A host that is struck off the list leads nobody anywhere.
        $this->shop->update(['checkout_rules' => new CheckoutRules]);
        $this->add([])->assertRedirect('/cart');
        $this->arrange(['after_adding' => 'stay'])->assertOk();
        $this->add([])->assertRedirect('/?after=added');
    }

    public function test_the_cart_shows_what_the_seller_wants_of_each_line(): void
    {
        $visitor = (string) $this->add([])->headers->getCookies()[0]->getValue();
        $cart = fn (): string => (string) $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at('/cart'))->assertOk()->getContent();
        $all = $cart();
        foreach (['line-picture', '9.80 each', 'inputmode="numeric"', 'name="remove"'] as $shown) {
            self::assertStringContainsString($shown, $all);
        }
        foreach (['picture' => 'line-picture', 'price_each' => '9.80 each', 'quantity' => 'inputmode="numeric"', 'remove' => 'name="remove"'] as $column => $shown) {
            $this->arrange(['cart_columns' => [$column => false] + ['picture' => true, 'price_each' => true, 'quantity' => true, 'remove' => true]])->assertOk()->assertJsonPath("entry.cart_columns.{$column}", false);
            self::assertStringNotContainsString($shown, $cart(), $column);
        }
        $this->arrange(['cart_columns' => ['picture' => true, 'price_each' => true, 'quantity' => false, 'remove' => false]])->assertUnprocessable()->assertJsonPath('errors.cart_columns.0', 'Nobody could take anything out of the cart; show the quantity, or Remove.');
    }

    public function test_adding_in_place_says_what_follows(): void
    {
        $this->arrange(['after_adding' => 'stay', 'has_notice' => true, 'notice_leads' => 'cart'])->assertOk();
        $this->inPlace([])->assertOk()->assertExactJson(['go' => null, 'notice' => '“Heather honey, 340 g” is in your cart.', 'noticeAddress' => '/cart', 'noticeWords' => 'See the cart', 'count' => 1]);
        $this->inPlace(['quantity' => 'x'])->assertUnprocessable()->assertJsonPath('message', 'The quantity can\'t be “x”; enter a whole number from 1 to 9999.');
        $this->arrange(['after_adding' => 'stay', 'has_notice' => false])->assertOk();
        $this->inPlace([])->assertJsonPath('notice', '');
        $this->arrange(['after_adding' => 'cart'])->assertOk();
        $this->inPlace([])->assertExactJson(['go' => '/cart']);
        self::assertStringStartsWith('/checkout/', $this->text($this->inPlace(['to' => 'pay'])->json('go')));
    }

    public function test_the_words_for_what_is_sold_out_are_the_shops(): void
    {
        $this->arrange(['words' => ['sold_out' => 'All eaten']])->assertOk()->assertJsonPath('entry.words.sold_out', 'All eaten');
        $this->honey->update(['stock' => 0]);

        $this->get($this->at('/'))->assertSee('All eaten');
        $this->get($this->at('/p/honey'))->assertSee('All eaten')->assertDontSee('Add to cart');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function arrange(array $with): TestResponse
    {
        return $this->putJson($this->console("/api/shops/{$this->shop->slug}/shopfront"), $with + ['buttons' => [], 'captions' => [], 'words' => [], 'after_adding' => 'cart', 'has_notice' => true, 'notice_leads' => 'cart', 'address' => '']);
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function add(array $with): TestResponse
    {
        return $this->post($this->at('/cart/add'), $with + ['sku' => 'honey', 'quantity' => '1'], ['Origin' => $this->shop->base()]);
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function inPlace(array $with): TestResponse
    {
        return $this->post($this->at('/cart/add'), $with + ['sku' => 'honey', 'quantity' => '1'], ['Origin' => $this->shop->base(), 'Accept' => 'application/json']);
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : self::fail('There is no text.');
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }
}
