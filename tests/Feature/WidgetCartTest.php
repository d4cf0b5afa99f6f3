<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Quote\CouponKind;
use PaperKite\Results\EventKind;
use PaperKite\Shopfront\CartColumns;
use PaperKite\Shopfront\ShopfrontRules;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The cart that stands behind the widgets of a page, and the way from it to a cart of the shop. */
final class WidgetCartTest extends TestCase
{
    private const PAGE = 'http://blog.example';

    private Shop $shop;

    private Product $honey;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 40]);
        $this->placement = $this->placed(Onwards::Stay);
    }

    public function test_the_first_add_gives_a_token_and_the_next_joins_it(): void
    {
        $first = $this->add($this->placement)->assertOk()->assertJsonPath('count', 1)->assertJsonPath('go', null);
        $token = self::token($first);
        self::assertMatchesRegularExpression('/\A[A-Za-z0-9_-]{22}\z/', $token);
        self::assertSame([], $first->headers->getCookies());
        self::assertStringContainsString('no-store', (string) $first->headers->get('Cache-Control'));
        $first->assertHeader('Access-Control-Allow-Origin', '*');

        $this->add($this->placement, ['token' => $token])->assertOk()->assertJsonPath('token', $token)->assertJsonPath('count', 2);
        $this->embed('cart', ['token' => $token])->assertOk()->assertJsonPath('lines.0.name', $this->honey->name)->assertJsonPath('lines.0.price.amount', '9.80');
        self::assertSame(1, Cart::query()->where('shop_id', $this->shop->id)->count());
        self::assertSame(2, $this->acts($this->shop, EventKind::Add));
        self::assertSame(0, $this->acts($this->shop, EventKind::Click), 'A click in a widget is counted by its page.');
    }

    public function test_a_click_that_is_sent_again_adds_once_however_late(): void
    {
        $token = self::token($this->add($this->placement, ['click' => 'a']));
        $this->add($this->placement, ['token' => $token, 'click' => 'b'])->assertJsonPath('count', 2);
        $this->travel(1)->hours();
        $this->add($this->placement, ['token' => $token, 'click' => 'b'])->assertJsonPath('count', 2);
        $this->add($this->placement, ['token' => $token, 'click' => 'c'])->assertJsonPath('count', 3);
    }

    public function test_a_token_that_was_not_given_out_opens_nothing_and_becomes_nobodys(): void
    {
        $made = str_repeat('A', 22);
        foreach ([$made, 'short', '', "{$made}\n", str_repeat('é', 11)] as $token) {
            $this->embed('cart', ['token' => $token])->assertOk()->assertJsonPath('token', '')->assertJsonPath('count', 0);
            $this->embed('cart/edit', ['token' => $token, 'remove' => '1'])->assertOk()->assertJsonPath('count', 0);
            $this->embed('cart/hand-over', ['token' => $token, 'to' => 'pay'])->assertOk()->assertJsonPath('go', null);
            self::assertNotSame($token, self::token($this->add($this->placement, ['token' => $token])));
        }
    }

    public function test_a_token_opens_one_cart_of_one_shop_and_no_page_of_the_shop(): void
    {
        $token = self::token($this->add($this->placement));
        $other = $this->shop(['slug' => 'elsewhere', 'name' => 'Elsewhere']);

        $this->post("{$other->base()}/embed/cart", ['token' => $token])->assertOk()->assertJsonPath('count', 0);
        $this->withUnencryptedCookie('kite_visitor', $token)->get("{$this->shop->base()}/cart")->assertOk()->assertDontSee($this->honey->name);
        $cart = Cart::query()->where('shop_id', $this->shop->id)->firstOrFail();
        $this->withUnencryptedCookie('kite_visitor', $token)->get($this->shop->base().$this->shop->checkoutPath($cart->ref))->assertNotFound();
        // And the other way round.
        $visitor = $this->visitorWithCart();
        $this->embed('cart', ['token' => $visitor])->assertJsonPath('count', 0);
        $line = CartLine::query()->whereRelation('product', 'shop_id', $this->shop->id)->orderByDesc('id')->firstOrFail();
        $this->embed('cart/edit', ['token' => $token, 'remove' => (string) $line->id])->assertJsonPath('count', 1);
        self::assertNotNull($line->fresh());
    }

    public function test_its_lines_are_changed_and_taken_out(): void
    {
        $token = self::token($this->add($this->placement));
        $line = CartLine::query()->firstOrFail()->id;

        $this->embed('cart/edit', ['token' => $token, 'quantity' => [$line => '7']])->assertOk()->assertJsonPath('count', 7);
        $this->embed('cart/edit', ['token' => $token, 'quantity' => [$line => 'many']])->assertUnprocessable()->assertJsonPath('v', 1);
        $this->embed('cart/edit', ['token' => $token, 'remove' => (string) $line])->assertOk()->assertJsonPath('lines', []);
    }

    public function test_all_of_it_is_shown_as_the_shops_own_page_shows_it(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);
        $this->honey->update(['sale_minor' => 800, 'sale_from' => now()->subDay(), 'sale_until' => now()->addDay()]);
        $token = self::token($this->add($this->placement));
        $shown = $this->embed('cart/edit', ['token' => $token, 'shown' => '1', 'coupon' => 'MAY'])->assertOk()->assertJsonPath('shown.coupon.in', 'Coupon MAY')->assertJsonPath('shown.coupon.error', '');
        $go = $this->go($token, 'cart');
        $page = (string) $this->withUnencryptedCookie('kite_visitor', self::cookieOf($this->get($go)))->get("{$this->shop->base()}/cart")->assertOk()->getContent();

        $row = (array) $shown->json('shown.rows.0');
        $said = array_filter([$row['name'], $row['price'], $row['regular'], $row['because'], $row['subtotal'], $row['quantity_label'], $row['remove_label'], ...array_merge(...array_map(static fn (mixed $line): array => is_array($line) ? array_values($line) : [], (array) $shown->json('shown.bill')))], static fn (mixed $text): bool => is_string($text) && $text !== '');
        self::assertGreaterThan(9, count($said));
        foreach ($said as $text) {
            self::assertStringContainsString(e($text), $page);
        }
        self::assertContains(true, array_column((array) $shown->json('shown.bill'), 'is_total'));
    }

    public function test_what_is_taken_out_or_made_less_after_it_was_handed_over_is_less_at_the_shop_too(): void
    {
        $token = self::token($this->add($this->placement));
        $line = CartLine::query()->firstOrFail()->id;
        $this->edit($token, ['quantity' => [$line => '5']]);
        $visitor = self::cookieOf($this->get($this->go($token, 'cart')));
        $there = [self::pieces($this->cartOf($visitor))];

        $this->edit($token, ['quantity' => [$line => '2']]);
        $there[] = self::pieces($this->cartOf($visitor));
        $this->follow($this->go($token, 'cart'), $visitor);
        $there[] = self::pieces($this->cartOf($visitor));
        $this->edit($token, ['quantity' => [$line => '3']]);
        $this->follow($this->go($token, 'cart'), $visitor);
        $there[] = self::pieces($this->cartOf($visitor));
        $this->edit($token, ['remove' => (string) $line]);
        $there[] = self::pieces($this->cartOf($visitor));
        $this->edit($token, ['put_back' => '1']);
        $this->follow($this->go($token, 'cart'), $visitor);
        $there[] = self::pieces($this->cartOf($visitor));

        self::assertSame([5, 2, 2, 3, 0, 3], $there);
    }

    public function test_what_is_wrong_with_it_is_shown_at_its_line_and_what_was_taken_out_comes_back(): void
    {
        $token = self::token($this->add($this->placement));
        $line = CartLine::query()->firstOrFail()->id;

        $this->edit($token, ['shown' => '1', 'quantity' => [$line => 'many']])->assertJsonPath('count', 1)->assertJsonPath('shown.rows.0.error', static fn (mixed $error): bool => is_string($error) && $error !== '');
        $this->edit($token, ['shown' => '1', 'coupon' => 'NOTHING'])->assertJsonPath('shown.coupon.error', 'The coupon “NOTHING” is not valid.');
        $this->embed('cart/edit', ['token' => $token, 'coupon' => 'NOTHING'])->assertUnprocessable();
        $this->edit($token, ['shown' => '1', 'remove' => (string) $line])->assertJsonPath('shown.rows', [])->assertJsonPath('shown.taken', "Taken out: {$this->honey->name}.");
        $this->edit($token, ['shown' => '1', 'put_back' => '1'])->assertJsonPath('count', 1)->assertJsonPath('shown.taken', '');
        $this->honey->update(['stock' => 0]);
        $this->edit($token, ['shown' => '1'])->assertJsonPath('shown.rows.0.error', 'This has sold out; remove it to go on.');
        $this->embed('cart', ['token' => str_repeat('A', 22), 'shown' => '1'])->assertOk()->assertJsonPath('token', '')->assertJsonPath('shown.rows', []);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function edit(string $token, array $with): TestResponse
    {
        return $this->embed('cart/edit', ['token' => $token] + $with)->assertOk();
    }

    public function test_a_cart_shows_as_much_as_the_shop_shows_of_one(): void
    {
        $this->shop->update(['shopfront' => new ShopfrontRules(cartColumns: new CartColumns(picture: false, priceEach: false, quantity: false, remove: false)), 'checkout_rules' => $this->shop->checkout_rules]);
        $token = self::token($this->add($this->placement));

        $this->embed('cart', ['token' => $token, 'shown' => '1'])->assertJsonPath('shown.rows.0.picture', null)->assertJsonPath('shown.rows.0.price', '')->assertJsonPath('shown.rows.0.quantity_label', '')->assertJsonPath('shown.rows.0.remove_label', '');
    }

    public function test_what_is_still_to_be_said_is_asked_for(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large', adds: $this->shop->money(300))])]]);
        foreach (['Small' => 5, 'Large' => 0] as $name => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => $stock]);
        }
        $offer = $this->offer($wrap, ['destination' => Onwards::Stay, 'ask_label' => 'How many wraps', 'ask_least' => 2, 'ask_most' => 4]);
        $placement = $this->placement($offer, 'a page', ['medium' => 'widget']);

        $this->add($placement)->assertUnprocessable();
        $this->add($placement, ['choice' => [['Large']], 'quantity' => '2'])->assertUnprocessable()->assertJsonPath('message', 'This is sold out at the moment; choose another.');
        $this->add($placement, ['choice' => [['Small']], 'quantity' => '9'])->assertUnprocessable();
        $this->add($placement, ['choice' => [['Small']], 'quantity' => '3'])->assertOk()->assertJsonPath('count', 3)->assertJsonPath('lines.0.name', 'Wrap · Small');
    }

    /** @param  callable(Placement, Product): mixed  $change */
    #[DataProvider('nothingToAdd')]
    public function test_what_can_t_be_had_here_is_refused(callable $change): void
    {
        $change($this->placement, $this->honey);
        $this->add($this->placement->refresh())->assertStatus(409);
        self::assertSame(0, Cart::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{callable(Placement, Product): mixed}> */
    public static function nothingToAdd(): iterable
    {
        yield 'sold out' => [static fn (Placement $placement, Product $goods): bool => $goods->update(['stock' => 0])];
        yield 'paused' => [static fn (Placement $placement): bool => $placement->update(['paused_at' => now()])];
        yield 'a page of its own' => [static fn (Placement $placement): bool => $placement->offer->update(['opening' => Opening::OwnPage])];
        yield 'a product to look at' => [static fn (Placement $placement): bool => $placement->offer->update(['destination' => Onwards::Choose])];
    }

    public function test_it_is_handed_over_once_and_the_same_browser_comes_to_the_same_cart(): void
    {
        $token = self::token($this->add($this->placement));
        $go = $this->go($token, 'cart');

        $first = $this->get($go)->assertStatus(303)->assertHeader('Location', '/cart')->assertHeader('Referrer-Policy', 'no-referrer');
        $visitor = self::cookieOf($first);
        $this->seen($visitor)->assertSee($this->honey->name)->assertDontSee('Added to your cart');
        $this->withUnencryptedCookie('kite_visitor', $visitor)->get($go)->assertStatus(303)->assertHeader('Location', '/cart');
        self::assertSame(1, self::pieces($this->cartOf($visitor)));

        $this->travel(1)->minutes();
        foreach (['', self::unknownVisitor()] as $stranger) {
            $this->withUnencryptedCookie('kite_visitor', $stranger)->get($go)->assertStatus(410)->assertSee('This link has been used');
        }
        $this->get("{$this->shop->base()}/hand-over/".str_repeat('x', 22))->assertStatus(410);
    }

    public function test_a_request_that_is_repeated_before_its_answer_arrives_opens_the_same_cart(): void
    {
        $go = $this->go(self::token($this->add($this->placement)), 'pay');
        $one = $this->get($go)->assertStatus(303);
        $two = $this->flushCookies()->get($go)->assertStatus(303);

        self::assertSame([self::cookieOf($one), $one->headers->get('Location')], [self::cookieOf($two), $two->headers->get('Location')]);
        $this->flushCookies()->get($go, ['User-Agent' => 'Another browser'])->assertStatus(410);
    }

    public function test_only_a_navigation_spends_it_and_not_for_long(): void
    {
        $this->freezeSecond();
        $token = self::token($this->add($this->placement));
        $go = $this->go($token, 'cart');
        foreach ([['Sec-Fetch-Mode' => 'cors'], ['Sec-Fetch-Dest' => 'image', 'Sec-Fetch-Mode' => 'no-cors'], ['Sec-Purpose' => 'prefetch'], ['User-Agent' => 'Preview bot/1.0']] as $headers) {
            $this->get($go, $headers)->assertNoContent();
        }
        $this->get($go, ['Sec-Fetch-Dest' => 'iframe', 'Sec-Fetch-Mode' => 'navigate'])->assertOk()->assertSee('target="_top"', false);
        $this->head($go)->assertNoContent();
        $this->travel(119)->seconds();
        $this->get($go)->assertStatus(303);

        $late = $this->go($token, 'cart');
        $this->travel(121)->seconds();
        $this->flushCookies()->get($late)->assertStatus(410);
        $theirs = $this->shop(['slug' => 'elsewhere', 'name' => 'Elsewhere']);
        $this->flushCookies()->get(str_replace($this->shop->base(), $theirs->base(), $this->go($token, 'cart')))->assertStatus(410);
    }

    public function test_whoever_has_a_cart_there_is_told_what_was_added_and_can_undo_it(): void
    {
        $visitor = $this->visitorWithCart();
        $token = self::token($this->add($this->placement, ['click' => 'a']));
        $this->add($this->placement, ['token' => $token, 'click' => 'b']);

        $this->follow($this->go($token, 'pay'), $visitor)->assertStatus(303);
        self::assertSame(3, self::pieces($this->cartOf($visitor)));
        foreach (['/cart', $this->shop->checkoutPath($this->cartOf($visitor)->ref)] as $page) {
            $this->withUnencryptedCookie('kite_visitor', $visitor)->get($this->shop->base().$page)->assertOk()->assertSee('Added to your cart from blog.example:')->assertSee("2 × {$this->honey->name}");
        }
        $this->withUnencryptedCookie('kite_visitor', $visitor)->post("{$this->shop->base()}/cart", ['undo_joined' => '1'])->assertRedirect('/cart');
        self::assertSame(1, self::pieces($this->cartOf($visitor)));
        $this->seen($visitor)->assertDontSee('Added to your cart');

        $this->follow($this->go($token, 'cart'), $visitor);
        self::assertSame(3, self::pieces($this->cartOf($visitor)), 'What was taken back can come again.');
    }

    public function test_what_was_copied_before_comes_again_only_with_what_has_been_added_since(): void
    {
        $token = self::token($this->add($this->placement, ['click' => 'a']));
        $visitor = self::cookieOf($this->get($this->go($token, 'cart')));
        $this->add($this->placement, ['token' => $token, 'click' => 'b']);
        $this->follow($this->go($token, 'cart'), $visitor);
        $this->follow($this->go($token, 'cart'), $visitor);

        self::assertSame(2, self::pieces($this->cartOf($visitor)));
        self::assertSame([$this->placement->id], $this->cartOf($visitor)->lines()->pluck('placement_id')->all());
    }

    public function test_an_offer_that_goes_to_the_checkout_leads_there_with_what_the_cart_holds(): void
    {
        $token = self::token($this->add($this->placement));
        $placement = $this->placed(Onwards::Pay, CartUse::WithCart);
        $go = $this->add($placement, ['token' => $token])->assertOk()->assertJsonPath('count', 2)->json('go');

        $answer = $this->get(is_string($go) ? $go : self::fail('It leads nowhere.'))->assertStatus(303);
        $cart = $this->cartOf(self::cookieOf($answer));
        self::assertSame($this->shop->checkoutPath($cart->ref), $answer->headers->get('Location'));
        self::assertSame(2, self::pieces($cart));
    }

    public function test_goods_that_are_gone_meanwhile_stand_in_nobodys_way(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small')])]]);
        $small = $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'wrap-small', 'choices' => ['Small'], 'choices_digest' => hash('sha256', 'Small'), 'stock' => 5]);
        $wraps = $this->placement($this->offer($wrap, ['destination' => Onwards::Stay]), 'a page', ['medium' => 'widget']);
        $token = self::token($this->add($wraps, ['choice' => [['Small']]]));
        $this->add($this->placement, ['token' => $token])->assertJsonPath('count', 2);
        $small->delete();
        $this->embed('cart', ['token' => $token])->assertOk()->assertJsonPath('count', 1);

        $this->honey->update(['is_draft' => true]);
        $taken = $this->get($this->go($token, 'cart'))->assertStatus(303);
        $this->seen(self::cookieOf($taken))->assertSee('not sold any longer')->assertDontSee('Wrap');
    }

    public function test_a_cart_that_is_full_takes_no_more_and_breaks_nothing(): void
    {
        $visitor = $this->visitorWithCart();
        $this->cartOf($visitor)->lines()->update(['quantity' => 9999]);
        $token = self::token($this->add($this->placement));
        $this->follow($this->go($token, 'cart'), $visitor)->assertStatus(303);

        self::assertSame(9999, self::pieces($this->cartOf($visitor)));
        $this->seen($visitor)->assertDontSee('Added to your cart');
    }

    public function test_what_is_bought_by_itself_leaves_both_carts_as_they_are(): void
    {
        $visitor = $this->visitorWithCart();
        $token = self::token($this->add($this->placement));
        $alone = $this->placed(Onwards::Pay, CartUse::JustThis);
        $answer = $this->add($alone, ['token' => $token, 'quantity' => '1'])->assertOk()->assertJsonPath('count', 1);

        $taken = $this->follow(self::led($answer), $visitor)->assertStatus(303);
        $cart = Cart::query()->where('visitor', hash('sha256', $visitor))->whereNull('shared_by')->firstOrFail();
        self::assertSame($this->shop->checkoutPath($cart->ref), $taken->headers->get('Location'));
        self::assertSame([1, 1], [self::pieces($cart), self::pieces($this->cartOf($visitor))]);
        $this->embed('cart', ['token' => $token])->assertJsonPath('count', 1);
        self::assertSame('', $this->add($alone)->assertOk()->json('token'));
    }

    public function test_who_asks_too_often_is_asked_to_wait_and_a_classroom_is_not(): void
    {
        $token = self::token($this->add($this->placement));
        foreach (range(1, 40) as $pupil) {
            $this->add($this->placement, ['click' => (string) $pupil])->assertOk();
        }
        $statuses = array_map(fn (): int => $this->embed('cart', ['token' => $token])->getStatusCode(), range(1, 130));
        self::assertSame([200, 429], array_values(array_unique($statuses)));
        $this->embed('cart', ['token' => $token])->assertHeader('Retry-After', '60')->assertHeader('Access-Control-Allow-Origin', '*');
        $this->embed('cart', ['token' => self::unknownVisitor()])->assertOk();
    }

    public function test_one_address_has_a_limit_of_its_own(): void
    {
        config(['kite.clicks.widget_requests_per_minute' => 6]);
        $statuses = array_map(fn (int $n): int => $this->embed('cart', ['token' => substr(hash('sha256', (string) $n), 0, 22)])->getStatusCode(), range(1, 8));

        self::assertSame([200, 200, 200, 200, 200, 200, 429, 429], $statuses);
        // What everybody is told the same, and what is counted, has a measure of its own.
        $this->get("{$this->shop->base()}/embed/data?v=1&codes={$this->placement->code}")->assertOk();
        $this->embed('seen', ['view' => $this->placement->code])->assertNoContent();
    }

    private function placed(Onwards $destination, CartUse $use = CartUse::WithCart): Placement
    {
        return $this->placement($this->offer($this->honey, ['destination' => $destination, 'cart_use' => $use]), 'the spring post', ['medium' => 'widget']);
    }

    /**
     * @param  array<string, mixed>  $answers
     * @return TestResponse<Response>
     */
    private function add(Placement $placement, array $answers = []): TestResponse
    {
        return $this->embed('cart/add', ['code' => $placement->code, ...$answers]);
    }

    /**
     * @param  array<string, mixed>  $sent
     * @return TestResponse<Response>
     */
    private function embed(string $path, array $sent): TestResponse
    {
        return $this->flushCookies()->post("{$this->shop->base()}/embed/{$path}", $sent, ['Origin' => self::PAGE]);
    }

    /** @return TestResponse<Response> */
    private function follow(string $address, string $visitor): TestResponse
    {
        return $this->withUnencryptedCookie('kite_visitor', $visitor)->get($address);
    }

    /** @return string the address that leads on from the cart of a page */
    private function go(string $token, string $to): string
    {
        return self::led($this->embed('cart/hand-over', ['token' => $token, 'to' => $to])->assertOk());
    }

    /** @param  TestResponse<Response>  $answer */
    private static function led(TestResponse $answer): string
    {
        $go = $answer->json('go');

        return is_string($go) ? $go : self::fail('It leads nowhere.');
    }

    /** @param  TestResponse<Response>  $answer */
    private static function token(TestResponse $answer): string
    {
        $token = $answer->assertOk()->json('token');

        return is_string($token) ? $token : self::fail('There is no token.');
    }

    /** @param  TestResponse<Response>  $answer */
    private static function cookieOf(TestResponse $answer): string
    {
        return (string) ($answer->headers->getCookies()[0] ?? self::fail('No cookie is set.'))->getValue();
    }

    private static function unknownVisitor(): string
    {
        return str_repeat('z', 22);
    }

    private static function pieces(Cart $cart): int
    {
        return array_sum($cart->lines()->get()->map(static fn (CartLine $line): int => $line->quantity)->all());
    }

    private function cartOf(string $visitor): Cart
    {
        return Cart::query()->where('shared_by', hash('sha256', $visitor))->firstOrFail();
    }

    /** @return TestResponse<Response> */
    private function seen(string $visitor): TestResponse
    {
        return $this->withUnencryptedCookie('kite_visitor', $visitor)->get("{$this->shop->base()}/cart")->assertOk();
    }

    /** @return string the cookie of somebody who has one piece in the shop's own cart */
    private function visitorWithCart(): string
    {
        return self::cookieOf($this->flushCookies()->post("{$this->shop->base()}/cart/add", ['sku' => $this->honey->sku]));
    }

    private function flushCookies(): self
    {
        $this->unencryptedCookies = [];

        return $this;
    }
}
