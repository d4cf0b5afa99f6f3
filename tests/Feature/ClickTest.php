<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Link\Device;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a click does. */
final class ClickTest extends TestCase
{
    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document', 'Accept-Language' => 'en-IE'];

    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 5]);
    }

    public function test_a_shop_that_cant_be_paid_yet_says_so_in_its_own_words_and_keeps_nothing(): void
    {
        $this->shop->update(['payee' => null]);
        $this->follow($this->placed())->assertOk()->assertHeader('X-Robots-Tag', 'noindex')->assertSee('Not open yet')->assertSee('takes no payments yet');
        $this->shop->update(['payee' => 'tarn-side']);
        config(['kite.payments.provider' => null]);
        $this->follow($this->placed())->assertOk()->assertSee('Not open yet');
        self::assertSame(0, Cart::query()->count());

        // What leads elsewhere goes on leading there.
        $page = $this->offer($this->honey, ['destination' => Onwards::Page, 'page' => 'https://fern.example/']);
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        $this->follow($this->placement($page))->assertRedirect('https://fern.example/');
    }

    public function test_buy_now_opens_a_cart_of_its_own_and_leads_to_the_checkout(): void
    {
        $placement = $this->placed();

        $answer = $this->follow($placement)->assertStatus(303);
        $cart = Cart::query()->with('lines')->firstOrFail();

        $answer->assertHeader('Location', "/checkout/{$cart->ref}");
        self::assertNull($cart->shared_by);
        self::assertSame([[$this->honey->id, 1]], $cart->lines->map(fn (CartLine $line): array => [$line->product_id, $line->quantity])->all());
        $cookie = $answer->headers->getCookies()[0];
        self::assertSame([true, 'lax', null, 'kite_visitor'], [$cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->getDomain(), $cookie->getName()]);
        self::assertSame(hash('sha256', (string) $cookie->getValue()), $cart->visitor);
    }

    public function test_to_the_cart_adds_to_the_one_shared_cart(): void
    {
        $first = $this->placed(['destination' => Onwards::Cart, 'quantity' => 2]);
        $second = $this->placed(['destination' => Onwards::Cart, 'quantity' => 3]);

        $visitor = $this->visitorOf($this->follow($first)->assertStatus(303)->assertHeader('Location', '/cart'));
        $this->follow($second, $visitor)->assertStatus(303);

        self::assertSame(1, Cart::query()->count());
        self::assertSame(5, CartLine::query()->firstOrFail()->quantity);
    }

    public function test_buy_now_with_the_cart_takes_it_along_and_just_this_leaves_it(): void
    {
        $visitor = $this->visitorOf($this->follow($this->placed(['destination' => Onwards::Cart])));
        $shared = Cart::query()->firstOrFail();

        $this->follow($this->placed(['cart_use' => CartUse::WithCart]), $visitor)->assertHeader('Location', "/checkout/{$shared->ref}");
        $this->follow($this->placed(), $visitor)->assertStatus(303);

        self::assertSame(2, Cart::query()->count());
        self::assertSame(2, CartLine::query()->where('cart_id', $shared->id)->firstOrFail()->quantity);
    }

    public function test_to_choose_adds_nothing_and_leads_to_the_page(): void
    {
        $placement = $this->placed(['destination' => Onwards::Choose, 'quantity' => 2]);

        $this->follow($placement)->assertStatus(303)->assertHeader('Location', "/p/{$this->honey->sku}?quantity=2&k={$placement->code}")->assertCookieMissing('kite_visitor');
        self::assertSame([0, 1], [Cart::query()->count(), $this->clicks()]);
    }

    public function test_a_double_click_is_one_click(): void
    {
        foreach ([Onwards::Cart, Onwards::Pay] as $destination) {
            $placement = $this->placed(['destination' => $destination]);
            $visitor = $this->visitorOf($this->follow($placement));
            DB::table('events')->delete();

            $once = $this->follow($placement, $visitor)->headers->get('Location');
            $twice = $this->follow($placement, $visitor)->headers->get('Location');

            self::assertSame($once, $twice);
            self::assertSame([1], CartLine::query()->where('placement_id', $placement->id)->pluck('quantity')->all());
            self::assertLessThanOrEqual(1, $this->clicks());
        }
    }

    public function test_a_later_click_adds_again(): void
    {
        $placement = $this->placed(['destination' => Onwards::Cart]);
        $visitor = $this->visitorOf($this->follow($placement));

        $this->travel(3)->seconds();
        $this->follow($placement, $visitor)->assertStatus(303);

        self::assertSame(2, CartLine::query()->firstOrFail()->quantity);
    }

    public function test_a_cart_never_holds_more_of_a_line_than_it_may(): void
    {
        $this->honey->update(['stock' => null]);
        $visitor = $this->visitorOf($this->follow($this->placed(['destination' => Onwards::Cart, 'quantity' => 999])));
        CartLine::query()->update(['quantity' => 9_998]);
        $this->follow($this->placed(['destination' => Onwards::Cart, 'quantity' => 5]), $visitor)->assertStatus(303);

        self::assertSame(9_999, CartLine::query()->firstOrFail()->quantity);
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('silent')]
    public function test_what_is_no_navigation_changes_and_counts_nothing(array $headers, string $method = 'GET'): void
    {
        $placement = $this->placed();

        $this->call($method, $this->link($placement), server: $this->transformHeadersToServerVars($headers))->assertNoContent();
        self::assertSame([0, 0], [Cart::query()->count(), $this->clicks()]);
    }

    /** @return iterable<string, array{0: array<string, string>, 1?: string}> */
    public static function silent(): iterable
    {
        yield 'an image' => [['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image']];
        yield 'a fetch' => [['Sec-Fetch-Mode' => 'cors', 'Sec-Fetch-Dest' => 'empty']];
        yield 'a prefetch' => [['Sec-Purpose' => 'prefetch'] + self::NAVIGATES];
        yield 'HEAD' => [self::NAVIGATES, 'HEAD'];
    }

    public function test_a_frame_shows_one_button_that_opens_the_whole_window(): void
    {
        $placement = $this->placed(['caption' => '<b>Taste</b>']);

        $answer = $this->get($this->link($placement), ['Sec-Fetch-Dest' => 'iframe'] + self::NAVIGATES)->assertOk()
            ->assertSee('target="_top"', false)->assertSee("/k/{$placement->code}", false)->assertSee('&lt;b&gt;Taste', false);
        self::assertStringNotContainsString('frame-ancestors', (string) $answer->headers->get('Content-Security-Policy'));
        self::assertSame([0, 0], [Cart::query()->count(), $this->clicks()]);
    }

    #[DataProvider('resting')]
    public function test_what_is_not_to_be_had_says_so_and_what_else_there_is(OfferState $state, int $stock, int $status, string $words): void
    {
        $placement = $this->placed(['state' => $state]);
        $this->honey->update(['stock' => $stock]);
        $this->product($this->shop, ['name' => 'Tall beeswax candle']);
        $this->shop->update(['checkout_rules' => new CheckoutRules(terms: '<p>Ours.</p>', policy: '<p>Back.</p>')]);

        $answer = $this->follow($placement)->assertStatus($status)->assertSee($words)->assertSee('Tall beeswax candle')->assertSee($this->shop->name)->assertSee('href="/terms"', false)->assertSee('href="/policy"', false)->assertHeader('X-Robots-Tag', 'noindex');
        self::assertStringContainsString('no-store', (string) $answer->headers->get('Cache-Control'));
        self::assertSame(0, Cart::query()->count());
    }

    /** @return iterable<string, array{OfferState, int, int, string}> */
    public static function resting(): iterable
    {
        yield 'draft' => [OfferState::Draft, 5, 404, 'This offer is not published yet.'];
        yield 'archived' => [OfferState::Archived, 5, 410, 'This offer has ended'];
        yield 'paused' => [OfferState::Paused, 5, 200, 'Not for sale just now'];
        yield 'sold out' => [OfferState::Live, 0, 200, 'Sold out'];
    }

    public function test_a_code_is_read_as_people_write_it_and_known_at_its_own_shop_alone(): void
    {
        $placement = $this->placed();

        $this->get("http://{$this->shop->host}/k/".strtoupper($placement->code), self::NAVIGATES)->assertStatus(303);
        $this->get("http://{$this->shop()->host}/k/{$placement->code}", self::NAVIGATES)->assertNotFound()->assertSee('Nothing is sold here');
        $this->get("http://{$this->shop->host}/k/nonsense!", self::NAVIGATES)->assertNotFound();
        $this->get("http://nowhere.localhost/k/{$placement->code}", self::NAVIGATES)->assertNotFound();
    }

    public function test_a_former_host_leads_to_the_present_one_for_good(): void
    {
        $placement = $this->placed();
        $former = $this->shop->host;
        $this->command('shop:move', ['slug' => $this->shop->slug, 'host' => 'moved.localhost'])->assertSuccessful();
        $base = $this->shop->refresh()->base();

        $this->get("http://{$former}/k/{$placement->code}", self::NAVIGATES)->assertStatus(301)->assertHeader('Location', "{$base}/k/{$placement->code}");
        $this->get("http://{$former}/p/x?quantity=2")->assertStatus(301)->assertHeader('Location', "{$base}/p/x?quantity=2");
    }

    public function test_new_carts_from_one_address_are_limited_by_a_page_not_an_error(): void
    {
        config(['kite.clicks.new_carts_per_minute' => 2]);
        $placement = $this->placed();

        $this->follow($placement)->assertStatus(303);
        $this->follow($placement)->assertStatus(303);
        $this->follow($placement)->assertOk()->assertSee('A moment, please')->assertHeader('X-Robots-Tag', 'noindex');
        self::assertSame(2, Cart::query()->count());
    }

    public function test_a_click_keeps_nothing_that_could_tell_a_person(): void
    {
        $this->follow($this->placed());

        $click = (array) DB::table('events')->first();
        self::assertSame([
            'id', 'shop_id', 'day', 'kind', 'offer_id', 'placement_id', 'product_id', 'marketplace_id', 'label_id', 'country', 'device', 'currency',
            'hour', 'is_act', 'pieces', 'value_minor', 'profit_minor',
        ], array_keys($click));
        self::assertSame(['IE', Device::Desktop->number()], [$click['country'], $click['device']]);
    }

    /** @param  array<string, mixed>  $offer */
    #[DataProvider('statements')]
    public function test_a_click_asks_little_of_the_database(array $offer, bool $isKnown, int $statements): void
    {
        $placement = $this->placed($offer);
        $visitor = $isKnown ? $this->visitorOf($this->follow($this->placed(['destination' => Onwards::Cart]))) : null;
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });

        $this->follow($placement, $visitor)->assertStatus(303);

        self::assertLessThanOrEqual($statements, count($asked), implode("\n", $asked));
    }

    /** @return iterable<string, array{array<string, mixed>, bool, int}> */
    public static function statements(): iterable
    {
        yield 'only leads on' => [['destination' => Onwards::Choose], false, 2];
        yield 'a cart of its own' => [[], false, 6];
        yield 'a cart of its own, known visitor' => [[], true, 6];
        yield 'a new shared cart' => [['destination' => Onwards::Cart], false, 6];
        yield 'the shared cart' => [['destination' => Onwards::Cart], true, 6];
    }

    public function test_public_addresses_carry_no_session(): void
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if ($route->getDomain() === null) {
                self::assertNotContains(StartSession::class, Route::gatherRouteMiddleware($route), $route->uri());
            }
        }
    }

    public function test_carts_with_which_nobody_went_on_are_erased_after_a_day(): void
    {
        $this->follow($this->placed());
        $kept = $this->visitorOf($this->follow($this->placed(['destination' => Onwards::Cart])));
        $this->follow($this->placed(['destination' => Onwards::Cart]), $kept);

        $this->travel(25)->hours();
        $this->command('carts:sweep')->assertSuccessful();

        self::assertSame([1, 1], [Cart::query()->count(), CartLine::query()->count()]);
    }

    /** @param  array<string, mixed>  $offer */
    private function placed(array $offer = []): Placement
    {
        return $this->placement($this->offer($this->honey, $offer));
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function follow(Placement $placement, ?string $visitor = null): TestResponse
    {
        return $this->withUnencryptedCookies($visitor === null ? [] : ['kite_visitor' => $visitor])->get($this->link($placement), self::NAVIGATES);
    }

    /** @param  TestResponse<\Illuminate\Http\Response>  $answer */
    private function visitorOf(TestResponse $answer): string
    {
        return (string) $answer->headers->getCookies()[0]->getValue();
    }

    private function link(Placement $placement): string
    {
        return "http://{$this->shop->host}/k/{$placement->code}";
    }

    private function clicks(): int
    {
        return $this->acts($this->shop, EventKind::Click);
    }
}
