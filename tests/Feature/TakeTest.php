<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\SaveVariants;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\CheckoutState;
use App\Models\Product;
use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Link\OpenDestination;
use PaperKite\Quote\CouponKind;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** Open links as shoppers follow them. */
final class TakeTest extends TestCase
{
    use OpensPayments;

    private const NAVIGATION = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop(['checkout_rules' => new CheckoutRules(hosts: ['www.fern.example'])]);
        $this->product($this->shop, ['sku' => 'honey-340', 'stock' => 5]);
        $this->product($this->shop, ['sku' => 'candle', 'price_minor' => 1295]);
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small', 'Large'] as $size) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => SaveVariants::digest([$size]), 'stock' => 3]);
        }
    }

    public function test_a_shop_that_cant_be_paid_yet_says_so(): void
    {
        $this->shop->update(['payee' => null]);
        $this->follow('honey-340')->assertOk()->assertHeader('X-Robots-Tag', 'noindex')->assertSee('Not open yet');
        self::assertSame(0, Cart::query()->count());
    }

    /** @param  array<string, int>  $lines  quantities by SKU */
    #[DataProvider('ways')]
    public function test_a_link_adds_what_it_names_and_leads_where_it_says(string $link, string $location, array $lines): void
    {
        $answer = $this->follow($link)->assertStatus(303);

        self::assertMatchesRegularExpression("~\A{$location}\z~", (string) $answer->headers->get('Location'));
        self::assertSame($lines, $this->lines());
        self::assertSame($lines === [] ? [] : ['kite_visitor'], array_map(static fn ($cookie): string => $cookie->getName(), $answer->headers->getCookies()));
        self::assertSame(1, $this->acts($this->shop, EventKind::Click));
    }

    /** @return iterable<string, array{string, string, array<string, int>}> */
    public static function ways(): iterable
    {
        yield 'as the shop has set' => ['2*honey-340,candle', '/cart', ['honey-340' => 2, 'candle' => 1]];
        yield 'straight to paying' => ['honey-340?to=pay', '/checkout/[A-Za-z0-9_-]{12}', ['honey-340' => 1]];
        yield 'and stay' => ['candle?to=stay', '/\?after=added', ['candle' => 1]];
        yield 'and stay elsewhere' => ['candle?to=stay&back=https%3A%2F%2Fwww.fern.example%2Fpost', 'https://www\.fern\.example/post', ['candle' => 1]];
        yield 'to choose how many' => ['3*candle?to=choose', '/p/candle\?quantity=3', []];
        yield 'a variant' => ['wrap-Large?to=cart', '/cart', ['wrap-Large' => 1]];
        yield 'a variant to choose' => ['2*wrap?to=pay', '/p/wrap\?quantity=2&rest=%3Fto%3Dpay', []];
        yield 'the rest goes in, then the choice' => ['honey-340,2*wrap,candle?to=pay', '/p/wrap\?quantity=2&rest=%3Fto%3Dpay%26cart%3D[A-Za-z0-9_-]{12}', ['honey-340' => 1, 'candle' => 1]];
        yield 'encoded by a mail program' => ['2%2Ahoney-340%2Ccandle', '/cart', ['honey-340' => 2, 'candle' => 1]];
        yield 'the same goods twice' => ['honey-340,2*honey-340', '/cart', ['honey-340' => 3]];
    }

    #[DataProvider('wrong')]
    public function test_what_can_not_be_followed_says_which_part_is_wrong(string $link, string $sentence): void
    {
        $this->follow($link)->assertNotFound()->assertSee($sentence)->assertHeader('X-Robots-Tag', 'noindex')->assertHeader('Cache-Control', 'no-store, private');
        self::assertSame([0, 0], [Cart::query()->count(), $this->acts($this->shop, EventKind::Click)]);
    }

    /** @return iterable<array{string, string}> */
    public static function wrong(): iterable
    {
        yield from [
            ['', 'The link names no goods'], ['jam', '“jam”: This shop sells nothing under this SKU'], ['honey-340,,candle', 'Between two commas'], ['0*candle', '“0*candle”: The number before the * is from 1 to 999.'],
            ['candle@yearly', 'This is not sold by a plan'], ['candle=5', 'how much to give'], ['candle?to=moon', '“to=moon”'], ['candle?back=https://evil.example/', 'not at a host that the shop has listed'],
            ['candle?back=https://www.fern.example@evil.example/', 'not at a host'], ['candle?back=//www.fern.example', 'not at a host'], ['candle?price=1', '“price”'], ['<script>alert(1)</script>', '<script>alert(1)</script>'], ['candle/../cart', 'write a SKU'],
        ];
    }

    public function test_another_shops_goods_are_not_found(): void
    {
        $this->product($this->shop(), ['sku' => 'theirs']);

        $this->follow('theirs')->assertNotFound();
    }

    public function test_sold_out_is_said_before_anything_is_added(): void
    {
        $this->follow('6*honey-340,candle')->assertOk()->assertSee('There is not enough left of “6*honey-340”.')->assertHeader('X-Robots-Tag', 'noindex');
        self::assertSame(0, Cart::query()->count());
    }

    public function test_a_double_click_adds_once_and_a_later_one_adds_again(): void
    {
        $visitor = Secrets::token();
        foreach (range(1, 2) as $time) {
            $this->follow('2*honey-340', $visitor)->assertStatus(303);
        }
        self::assertSame(['honey-340' => 2], $this->lines());

        $this->travel(3)->seconds();
        $this->follow('2*honey-340', $visitor);
        self::assertSame(['honey-340' => 4], $this->lines());
        $this->follow('candle', $visitor);
        self::assertSame(['honey-340' => 4, 'candle' => 1], $this->lines());
    }

    public function test_paying_at_once_leaves_the_other_cart_alone(): void
    {
        $visitor = Secrets::token();
        $this->follow('candle', $visitor);

        $first = $this->follow('honey-340?to=pay', $visitor)->headers->get('Location');
        self::assertSame($first, $this->follow('honey-340?to=pay', $visitor)->headers->get('Location'));
        self::assertSame([['candle'], ['honey-340']], Cart::query()->orderBy('id')->with('lines')->get()->map(fn (Cart $cart): array => $cart->lines->map(fn (CartLine $line): string => $line->product->sku)->all())->all());
    }

    public function test_a_coupon_is_applied_or_the_page_says_why_not(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        $visitor = Secrets::token();

        $this->follow('candle?coupon=MAY', $visitor);
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at('/cart'))->assertSee('−€1.00');
        $this->follow('honey-340?coupon=OLD', $visitor);
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at('/cart'))->assertSee('The coupon “OLD” is not valid.');
    }

    public function test_a_coupon_that_counts_no_longer_or_not_yet_is_as_if_it_were_not_there(): void
    {
        foreach (['OVER' => ['counts_until' => now()->subDay()], 'SOON' => ['counts_from' => now()->addDay()], 'GONE' => ['most_uses' => 1, 'uses' => 1], 'NONE' => null] as $code => $with) {
            if ($with !== null) {
                $this->shop->coupons()->create($with + ['code' => $code, 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
            }
            $visitor = Secrets::token();
            $this->follow("candle?coupon={$code}", $visitor)->assertStatus(303);
            $cart = $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at('/cart'))->assertSee("The coupon “{$code}” is not valid.");
            $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post($this->at('/cart'), ['remove_coupon' => '1'], ['Origin' => $this->shop->base()]);
            $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post($this->at('/cart'), ['coupon' => $code], ['Origin' => $this->shop->base()])->assertUnprocessable()->assertSee("The coupon “{$code}” is not valid.");
            self::assertSame(200, $cart->status());
        }
    }

    public function test_coupons_can_not_be_guessed_by_links_either(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        // Each by a browser of its own: the address is what they have in common.
        foreach (range(1, 40) as $try) {
            $this->unencryptedCookies = [];
            $this->follow("candle?to=pay&coupon=GUESS{$try}")->assertStatus(303);
        }
        foreach (['candle?to=pay&coupon=MAY', 'candle?to=cart&coupon=MAY'] as $link) {
            $visitor = Secrets::token();
            $location = (string) $this->follow($link, $visitor)->assertStatus(303)->headers->get('Location');
            self::assertStringEndsWith('?after=codes', $location);
            $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at($location))->assertSee('wait ten minutes')->assertDontSee('−€1.00');
        }
        $chosen = $this->choose($this->goOn($this->follow('wrap?to=cart&coupon=MAY', $visitor), $visitor), 'Small', $visitor);
        self::assertSame('/cart?after=codes', $chosen->headers->get('Location'));
    }

    public function test_one_browser_tries_ten_and_no_more(): void
    {
        $visitor = Secrets::token();
        foreach (range(1, 10) as $try) {
            $this->follow("candle?coupon=GUESS{$try}", $visitor)->assertHeader('Location', '/cart');
        }
        $this->follow('candle?coupon=GUESS11', $visitor)->assertHeader('Location', '/cart?after=codes');
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post($this->at('/cart'), ['coupon' => 'GUESS12'], ['Origin' => $this->shop->base()])->assertUnprocessable()->assertSee('wait ten minutes');
    }

    public function test_after_paying_the_shopper_returns_where_the_link_said_while_that_is_allowed(): void
    {
        $payment = $this->opened($this->shop, Product::query()->where('sku', 'candle')->firstOrFail(), 1);
        $payment->checkout->cart?->update(['back' => 'https://www.fern.example/post']);
        $payment->checkout->update(['state' => CheckoutState::Ordered]);
        $back = fn (): ?string => $this->get($this->at("/return/{$payment->checkout->reference}"))->assertStatus(303)->headers->get('Location');

        self::assertSame('https://www.fern.example/post', $back());
        $this->shop->update(['checkout_rules' => new CheckoutRules]);
        self::assertStringStartsWith('/thanks/', (string) $back());
    }

    public function test_only_a_navigation_acts(): void
    {
        foreach ([['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'], ['Sec-Purpose' => 'prefetch'] + self::NAVIGATION] as $headers) {
            $this->get($this->at('/take/candle'), $headers)->assertNoContent();
        }
        $this->get($this->at('/take/candle?to=cart'), ['Sec-Fetch-Dest' => 'iframe', 'Sec-Fetch-Mode' => 'navigate'])->assertOk()->assertSee('href="/take/candle?to=cart"', false)->assertSee('_top', false);
        self::assertSame([0, 0], [Cart::query()->count(), $this->acts($this->shop, EventKind::Click)]);
    }

    public function test_a_link_that_adds_writes_three_statements(): void
    {
        $statements = [];
        DB::listen(static function (QueryExecuted $query) use (&$statements): void {
            $statements[] = $query->sql;
        });

        $this->follow('2*honey-340,candle,wrap-Large?to=cart')->assertStatus(303);

        $writes = array_values(array_filter($statements, static fn (string $sql): bool => preg_match('/\A(insert|update|delete)/i', $sql) === 1));
        self::assertCount(3, $writes, implode("\n", $statements));
        // Before them: the shop, and the goods (SKUs, products, variants).
        self::assertLessThanOrEqual(7, count($statements), implode("\n", $statements));
    }

    public function test_what_the_shop_has_set_counts_where_the_link_says_nothing(): void
    {
        $this->shop->update(['take_to' => OpenDestination::Choose]);

        $this->follow('candle')->assertHeader('Location', '/p/candle?quantity=1');
        $this->follow('candle?to=cart')->assertHeader('Location', '/cart');
    }

    public function test_several_choices_are_made_one_after_the_other_and_lead_where_the_link_says(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        $visitor = Secrets::token();
        $page = $this->goOn($this->follow('honey-340,wrap,2*wrap?to=pay&coupon=MAY&back=https%3A%2F%2Fwww.fern.example%2Fpost&from=card', $visitor), $visitor);
        $cart = Cart::query()->where('shop_id', $this->shop->id)->sole();
        $page->assertSee('Buy now')->assertDontSee('Add to cart');

        $next = $this->choose($page, 'Small', $visitor);
        self::assertStringStartsWith('/p/wrap?quantity=2&rest=', (string) $next->headers->get('Location'));
        $last = $this->choose($this->goOn($next, $visitor), 'Large', $visitor);

        self::assertSame("/checkout/{$cart->ref}", $last->headers->get('Location'));
        self::assertSame(['honey-340' => 1, 'wrap-Small' => 1, 'wrap-Large' => 2], $this->lines());
        self::assertSame([null, 'MAY', 'https://www.fern.example/post'], [$cart->refresh()->shared_by, $cart->coupon_code, $cart->back]);
        self::assertSame([['card', 0]], $this->labelled(EventKind::Click));
        // What is chosen on the way is credited to the link, too.
        self::assertSame([['card', 0], ['card', 0], ['card', 0]], $this->labelled(EventKind::Add));
    }

    public function test_a_single_choice_keeps_what_the_link_says(): void
    {
        $visitor = Secrets::token();
        $paid = $this->choose($this->goOn($this->follow('wrap?to=pay', $visitor), $visitor), 'Small', $visitor);
        self::assertStringStartsWith('/checkout/', (string) $paid->headers->get('Location'));

        $stayed = $this->choose($this->goOn($this->follow('wrap?to=stay&back=https%3A%2F%2Fwww.fern.example%2Fpost', $visitor), $visitor), 'Small', $visitor);
        self::assertSame('https://www.fern.example/post', $stayed->headers->get('Location'));
    }

    public function test_a_former_sku_leads_on_to_the_goods_that_had_it(): void
    {
        Product::query()->where('sku', 'candle')->firstOrFail()->update(['sku' => 'tall-candle']);

        $this->follow('candle')->assertHeader('Location', '/cart');
        self::assertSame(['tall-candle' => 1], $this->lines());
        $this->get($this->at('/p/candle?quantity=2'))->assertMovedPermanently()->assertRedirect('/p/tall-candle?quantity=2');
    }

    /**
     * @param  TestResponse<\Illuminate\Http\Response>  $answer
     * @return TestResponse<\Illuminate\Http\Response> the page that it leads to
     */
    private function goOn(TestResponse $answer, string $visitor): TestResponse
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at((string) $answer->assertStatus(303)->headers->get('Location')))->assertOk();
    }

    /**
     * @param  TestResponse<\Illuminate\Http\Response>  $page
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function choose(TestResponse $page, string $size, string $visitor): TestResponse
    {
        preg_match('/name="rest" value="([^"]*)"/', (string) $page->getContent(), $rest);
        preg_match('/name="quantity" value="(\d+)"/', (string) $page->getContent(), $quantity);

        return $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post($this->at('/cart/add'), ['sku' => 'wrap', 'choice' => [$size], 'quantity' => $quantity[1] ?? '', 'rest' => htmlspecialchars_decode($rest[1] ?? ''), 'to' => 'pay']);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function follow(string $link, ?string $visitor = null): TestResponse
    {
        return $this->withUnencryptedCookies($visitor === null ? [] : ['kite_visitor' => $visitor])->get($this->at("/take/{$link}"), self::NAVIGATION);
    }

    /** @return array<string, int> quantities by SKU */
    private function lines(): array
    {
        $lines = [];
        foreach (CartLine::query()->orderBy('id')->get() as $line) {
            $lines[$line->variant->sku ?? $line->product->sku] = $line->quantity;
        }

        return $lines;
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }

    /** @return list<array{mixed, mixed}> label and offer of each */
    private function labelled(EventKind $kind): array
    {
        return array_values(DB::table('events')->leftJoin('labels', 'labels.id', '=', 'events.label_id')
            ->where(['events.shop_id' => $this->shop->id, 'kind' => $kind->value])->orderBy('events.id')->get(['text', 'offer_id'])
            ->map(static fn (object $event): array => [$event->text ?? null, $event->offer_id ?? null])->all());
    }
}
