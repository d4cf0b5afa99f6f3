<?php

declare(strict_types=1);

namespace Tests\Feature;

use APCUIterator;
use App\Catalogue\ProductForm;
use App\HotLane\HotLane;
use App\HotLane\Reply;
use App\HotLane\Settings;
use App\Models\Cart;
use App\Models\Marketplace;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Partners\MarketplaceForm;
use App\Results\Spool;
use App\Results\WriteSpooled;
use App\Time\Clock;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Link\Device;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Partner\ReferrerPolicy;
use PaperKite\Results\EventKind;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/**
 * What is answered before the framework starts is what the framework answers, to the byte, and counts as the same.
 *
 * @phpstan-import-type Sent from Reply
 */
final class HotLaneTest extends TestCase
{
    use TakesOrders;

    private const NAVIGATES = ['HTTP_SEC_FETCH_MODE' => 'navigate', 'HTTP_SEC_FETCH_DEST' => 'document', 'HTTP_USER_AGENT' => 'Kite 1'];

    /** Links whose clicks are answered before the framework starts. */
    private const KEPT = ['to the product', 'to the page of the offer', 'to the cart', 'to a page elsewhere', 'to a marketplace', ...self::ADDING];

    private const ADDING = ['into the cart', 'to the checkout', 'to the checkout of the whole cart', 'into the cart, on to browsing', 'into the cart, of several goods'];

    /** @var array<string, string> by how a link is asked for: how its path is made of the code */
    private const PATHS = [
        'as it is' => '/k/%s', 'in capitals' => '/K/%S', 'with hyphens' => '/k/%h', 'with letters for digits' => '/k/%o', 'with a slash behind' => '/k/%s/', 'with a query' => '/k/%s?from=letter',
        'with an empty query' => '/k/%s?', 'in a display' => '/k/%s?in=zzzzzzz', 'escaped' => '/k/%%6B%s', 'too long' => '/k/%sx', 'with two slashes' => '//k/%s', 'of nothing' => '/k/zzzzzzz', 'broken' => '/k/%%ff', 'to nowhere' => '/k/',
    ];

    /** @var array<string, array<string, string>> by who asks: what their request says */
    private const CALLERS = [
        'a German' => ['HTTP_ACCEPT_LANGUAGE' => 'de-DE,de;q=0.9'], 'a Briton' => ['HTTP_ACCEPT_LANGUAGE' => 'en-GB'], 'a phone' => ['HTTP_USER_AGENT' => 'Kite Mobile', 'HTTP_SEC_CH_UA_MOBILE' => '?1'],
        'a robot' => ['HTTP_USER_AGENT' => 'Previewbot/2.0'], 'a frame' => ['HTTP_SEC_FETCH_DEST' => 'iframe'], 'an image' => ['HTTP_SEC_FETCH_MODE' => 'no-cors', 'HTTP_SEC_FETCH_DEST' => 'image'],
        'a prefetch' => ['HTTP_SEC_PURPOSE' => 'prefetch'], 'a known visitor' => ['HTTP_COOKIE' => 'kite_visitor=abcdefghijklmnopqrstuv'], 'a strange cookie' => ['HTTP_COOKIE' => 'kite_visitor[]=x'],
        'a proxy that nobody listed' => ['HTTP_X_FORWARDED_FOR' => '203.0.113.9', 'HTTP_X_COUNTRY' => 'SE'], 'another host' => ['HTTP_HOST' => 'other.localhost'], 'a former host' => ['HTTP_HOST' => 'former.localhost'],
        'a host in capitals' => ['HTTP_HOST' => 'TARN.localhost'], 'a host that is none' => ['HTTP_HOST' => 'a b'], 'an old browser' => ['HTTP_SEC_FETCH_MODE' => '', 'HTTP_SEC_FETCH_DEST' => ''],
        'a form' => ['REQUEST_METHOD' => 'POST'], 'a question for the head' => ['REQUEST_METHOD' => 'HEAD'], 'a question for the options' => ['REQUEST_METHOD' => 'OPTIONS'],
        'a form that calls itself a link' => ['REQUEST_METHOD' => 'POST', 'HTTP_X_HTTP_METHOD_OVERRIDE' => 'GET'],
    ];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        config(['cache.default' => 'apc', 'trustedproxy.country_header' => 'X-Country', 'kite.payments.provider' => 'standin']);
        // As the framework has it where its cache is that memory from the start.
        $this->app?->instance(RateLimiter::class, new RateLimiter(Cache::store('apc')));
        $this->shop = $this->shop(['host' => 'tarn.localhost', 'checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        DB::table('former_hosts')->insert(['host' => 'former.localhost', 'shop_id' => $this->shop->id]);
    }

    #[DataProvider('links')]
    public function test_both_ways_answer_alike_and_count_alike(string $link): void
    {
        $placement = $this->link($link);
        foreach (self::requests() as $how => [$path, $server, $isKept]) {
            $request = static fn (): Request => self::request(self::path($path, $placement->code), $server);
            $byFramework = $this->takenBack(fn (): array => [self::parts($this->asked($request())), $this->rows()]);
            $byLane = $this->takenBack(function () use ($request, $path, $placement, $server, &$isHot): array {
                // Somebody else from the same country was there a moment ago, with the same kind of device.
                $this->asked(self::request(self::path($path, $placement->code), ['HTTP_USER_AGENT' => 'Kite 2'] + array_intersect_key($server, ['HTTP_ACCEPT_LANGUAGE' => true, 'HTTP_SEC_CH_UA_MOBILE' => true])));
                app(WriteSpooled::class)();
                DB::table('events')->where('shop_id', $this->shop->id)->delete();
                DB::table('carts')->where('shop_id', $this->shop->id)->delete();
                $hot = self::hot($request());
                $isHot = $hot !== null;
                $parts = $hot === null ? self::parts($this->asked($request())) : self::masked(...self::told($hot));

                return [$parts, $this->rows()];
            });

            self::assertSame($byFramework, $byLane, "A link {$link}, {$how}");
            self::assertSame($isKept && in_array($link, self::KEPT, true), $isHot, "A link {$link}, {$how}");
        }
    }

    /** @return iterable<string, array{string}> */
    public static function links(): iterable
    {
        foreach ([...self::KEPT, 'that is paused', 'of a paused offer', 'sold out', 'of a draft', 'of a draft product', 'archived', 'deleted', 'to a date', 'to a display', 'to no marketplace'] as $link) {
            yield $link => [$link];
        }
    }

    /** @return iterable<string, array{string, array<string, string>, bool}> path, what the server says of it, and whether the answer to one like it is kept */
    private static function requests(): iterable
    {
        foreach (self::PATHS as $how => $path) {
            yield $how => [$path, [], in_array($how, ['as it is', 'in capitals', 'with letters for digits', 'with a slash behind', 'with an empty query'], true)];
        }
        foreach (self::CALLERS as $who => $server) {
            yield "asked by {$who}" => ['/k/%s', $server, in_array($who, ['a German', 'a Briton', 'a phone', 'a known visitor', 'a proxy that nobody listed', 'an old browser'], true)];
        }
    }

    public function test_the_second_half_of_a_double_click_counts_on_neither_way(): void
    {
        $placement = $this->link('to a marketplace');
        $click = static fn (string $who): Request => self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who]);
        $this->asked($click('the first'));
        self::assertNotNull(self::hot($click('the first')));
        self::assertNotNull(self::hot($click('the second')));
        self::assertNotNull(self::hot($click('the second')));
        $this->asked($click('the second'));

        self::assertSame([2, 2], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
    }

    public function test_a_click_is_counted_as_of_its_own_device_and_quarter_of_an_hour(): void
    {
        $clock = sys_get_temp_dir().'/kite-clock-'.bin2hex(random_bytes(6));
        config(['kite.clock' => $clock]);
        $placement = $this->link('to the product');
        $click = static fn (string $who): Request => self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who]);
        $this->asked($click('Kite Desk'));
        self::assertNull(self::hot($click('Kite Mobile')), 'Nobody with a phone was here before.');
        $this->asked($click('Kite Mobile'));
        self::assertNotNull(self::hot($click('Kite Mobile 2')));
        self::assertNotNull(self::hot($click('Kite Desk 2')));
        file_put_contents($clock, '900');
        self::assertNull(self::hot($click('Kite Desk 3')), 'What was kept says when it was.');

        unlink($clock);

        self::assertSame(4, $this->acts($this->shop, EventKind::Click));
        self::assertSame(2, DB::table('events')->where(['shop_id' => $this->shop->id, 'device' => Device::Phone->number()])->count());
    }

    public function test_one_click_has_the_answer_made_anew_while_the_others_are_given_it(): void
    {
        $clock = sys_get_temp_dir().'/kite-clock-'.bin2hex(random_bytes(6));
        config(['kite.clock' => $clock]);
        $this->app?->forgetInstance(Clock::class);
        $placement = $this->link('to the product');
        $click = static fn (string $who): Request => self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who]);
        // From where a quarter of an hour begins, so that none ends meanwhile.
        file_put_contents($clock, (string) ($begins = 900 - time() % 900));
        $this->asked($click('the first'));
        file_put_contents($clock, (string) ($begins + 2));
        self::assertNotNull(self::hot($click('the second')));
        file_put_contents($clock, (string) ($begins + 4));
        self::assertNull(self::hot($click('the third')));
        self::assertNotNull(self::hot($click('the fourth')));
        $this->asked($click('the third'));
        self::assertNotNull(self::hot($click('the fifth')));
        unlink($clock);

        self::assertSame(5, $this->acts($this->shop, EventKind::Click));
    }

    public function test_a_proxy_that_is_listed_tells_address_and_country(): void
    {
        config(['trustedproxy.proxies' => ['198.51.100.7']]);
        $placement = $this->link('to a marketplace');
        $by = static fn (string $address): Request => self::request("/k/{$placement->code}", ['HTTP_X_COUNTRY' => 'GB', 'HTTP_X_FORWARDED_FOR' => $address]);
        $this->asked($by('203.0.113.1'));
        $masked = self::parts($this->asked($by('203.0.113.2')));
        self::assertStringContainsString('quay-gb.example', implode(' ', $masked[1]));
        self::assertSame($masked, self::masked(...self::told(self::hot($by('203.0.113.3')) ?? self::fail('It was not kept.'))));
        self::assertNull(self::hot(self::request("/k/{$placement->code}", ['HTTP_X_COUNTRY' => 'SE', 'HTTP_X_FORWARDED_FOR' => '203.0.113.4'])));

        self::assertSame([3, 3], [$this->acts($this->shop, EventKind::Click), DB::table('events')->where(['shop_id' => $this->shop->id, 'kind' => EventKind::Lead, 'country' => 'GB'])->count()]);
    }

    public function test_where_the_spool_has_no_room_the_framework_counts(): void
    {
        config(['kite.spool' => '/proc/full']);
        $placement = $this->link('to the product');
        foreach (['the first', 'the second'] as $who) {
            self::assertNull(self::hot(self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who])));
            $this->asked(self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who]));
        }
        self::assertNotNull(Settings::kept(), 'It would have been answered.');

        self::assertSame(2, $this->acts($this->shop, EventKind::Click));
    }

    public function test_where_the_file_of_the_hour_is_as_large_as_it_may_be_the_framework_counts(): void
    {
        $placement = $this->link('to the product');
        $file = app(Spool::class)->fileOf(app(Clock::class)->seconds());
        @mkdir(dirname($file), 0o770, true);
        // A hole, of which the disk keeps nothing.
        $hole = fopen($file, 'c') ?: self::fail('It can’t be written.');
        ftruncate($hole, 256 * 1024 * 1024);
        foreach (['the first', 'the second'] as $who) {
            self::assertNull(self::hot(self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who])));
            $this->asked(self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who]));
        }
        self::assertSame(256 * 1024 * 1024, filesize($file));
        unlink($file);

        self::assertSame(2, $this->acts($this->shop, EventKind::Click));
    }

    public function test_each_browser_is_given_the_cookie_and_the_address_of_its_own_cart(): void
    {
        $placement = $this->link('to the checkout');
        $firsts = $this->asked(self::request("/k/{$placement->code}", []))->headers->getCookies()[0]->getValue() ?? '';
        self::assertSame(22, strlen($firsts));
        self::assertStringNotContainsString($firsts, serialize(iterator_to_array(new APCUIterator('/^kept/'))), 'By what one visitor is known is not kept for others.');
        foreach (['the first', 'the second'] as $who) {
            [, $headers, $body] = self::told(self::hot(self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who])) ?? self::fail('It is not answered.'));
            $cart = Cart::query()->where('shop_id', $this->shop->id)->orderByDesc('id')->firstOrFail();
            preg_match('/^Set-Cookie: kite_visitor=([\w-]{22});/m', implode("\n", $headers), $found);

            self::assertSame($cart->visitor, hash('sha256', $found[1] ?? ''));
            self::assertContains("Location: /checkout/{$cart->ref}", $headers);
            self::assertSame(4, substr_count($body, "/checkout/{$cart->ref}"));
            self::assertSame(4, substr_count($body, '/checkout/'));
            self::assertCount(1, preg_grep('/^Set-Cookie: /i', $headers) ?: []);
        }
    }

    public function test_who_begins_too_many_carts_is_told_so_on_either_way(): void
    {
        config(['kite.clicks.new_carts_per_minute' => 2]);
        $placement = $this->link('into the cart');
        $click = static fn (string $who): Request => self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => $who]);
        $this->asked($click('the first'));
        self::assertNotNull(self::hot($click('the second')));

        self::assertNull(self::hot($click('the third')));
        self::assertStringContainsString('Very many carts were begun', (string) $this->asked($click('the third'))->getContent());
        self::assertSame([2, 2, 2], [DB::table('carts')->where('shop_id', $this->shop->id)->count(), $this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Add)]);
    }

    public function test_what_the_database_refuses_the_framework_is_asked_for(): void
    {
        $placement = $this->link('into the cart');
        $this->asked(self::request("/k/{$placement->code}", []));
        $refuses = true;
        app(Connection::class)->beforeExecuting(static function (string $sql) use (&$refuses): void {
            if ($refuses && str_starts_with($sql, 'INSERT INTO cart_lines')) {
                $refuses = false;
                throw new QueryException('mariadb', $sql, [], new PDOException('The table ‘cart_lines’ is full.'));
            }
        });
        $click = self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => 'the second']);

        self::assertNull(self::hot($click));
        self::assertSame(303, $this->asked($click)->getStatusCode());
        // It is no second half of a double click.
        self::assertSame([2, 2, 2], [DB::table('carts')->where('shop_id', $this->shop->id)->count(), $this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Add)]);
    }

    public function test_what_is_deleted_after_it_was_clicked_was_clicked(): void
    {
        $placement = $this->link('to the product');
        $this->asked(self::request("/k/{$placement->code}", ['HTTP_USER_AGENT' => 'the first']));
        self::assertNotNull(self::hot(self::request("/k/{$placement->code}", [])));
        $placement->update(['deleted_at' => now()]);

        self::assertSame(2, $this->acts($this->shop, EventKind::Click));
    }

    public function test_a_display_that_is_deleted_after_it_was_clicked_was_clicked(): void
    {
        $display = $this->display($this->shop, $this->product($this->shop));
        $this->asked(self::request("/k/{$display->code}", []));
        $display->update(['deleted_at' => now()]);

        self::assertSame(1, $this->acts($this->shop, EventKind::Click));
    }

    /** @param  callable(self, Placement): mixed  $change */
    #[DataProvider('changes')]
    public function test_a_change_is_seen_by_the_next_click(callable $change, string $link = 'to the product'): void
    {
        $placement = $this->link($link);
        $this->actingAs($this->person($this->shop));
        $click = static fn (): Request => self::request("/k/{$placement->code}", []);
        $this->asked($click());
        self::assertNotNull(self::hot($click()));

        $change($this, $placement);
        self::assertNull(self::hot($click()));
        $this->asked($click());
        // In between nothing has changed.
        self::assertSame($this->isKeptAfter($placement), self::hot($click()) !== null);
    }

    /** @return Sent|null */
    private static function hot(Request $click): ?array
    {
        return HotLane::answer($click->server->all(), $click->cookies->all());
    }

    /**
     * @param  Sent  $answer
     * @return array{int, list<string>, string} status, headers as they were kept, and body
     */
    private static function told(array $answer): array
    {
        return [$answer['status'], explode("\n", $answer['headers']), $answer['body']];
    }

    /** @return iterable<string, array{0: callable(self, Placement): mixed, 1?: string}> */
    public static function changes(): iterable
    {
        $save = static fn (self $test, string $path, array $form): TestResponse => $test->putJson($test->console("/api/shops/{$test->shop->slug}/{$path}"), $form)->assertSuccessful();
        $offer = static fn (self $test, Placement $placement, array $with): TestResponse => $save($test, "offers/{$placement->offer_id}", $with + self::sent(OfferForm::of($placement->offer->refresh()->load(Offer::TOLD_WITH))));
        yield 'the offer is paused' => [static fn (self $test, Placement $placement) => $test->postJson($test->console("/api/shops/{$test->shop->slug}/offers/{$placement->offer_id}/state"), ['state' => 'paused'])->assertSuccessful()];
        yield 'the place is paused' => [static fn (self $test, Placement $placement) => $save($test, "placements/{$placement->id}", ['page' => 'here', 'medium' => 'html', 'form' => 'button', 'label' => '', 'caption' => '', 'is_paused' => true])];
        yield 'it leads elsewhere' => [static fn (self $test, Placement $placement) => $offer($test, $placement, ['destination' => 'cart'])];
        yield 'the price is another' => [static fn (self $test, Placement $placement) => $save($test, "products/{$placement->offer->lines[0]?->product_id}", ['price' => '11.00'] + self::productForm($placement))];
        yield 'the SKU is another' => [static fn (self $test, Placement $placement) => $save($test, "products/{$placement->offer->lines[0]?->product_id}", ['sku' => 'heather'] + self::productForm($placement))];
        yield 'the shop has another name' => [static fn (self $test) => $save($test, 'names', ['name' => 'Tarn', 'slug' => $test->shop->slug, 'host' => $test->shop->host, 'checkout_slug' => 'checkout'])];
        yield 'the shop can’t be paid any more' => [static fn (self $test) => $test->shop->update(['payee' => null])];
        yield 'another host is listed' => [static fn (self $test) => $test->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['heath.example'])]), 'to a page elsewhere'];
        yield 'what it tells of itself is another' => [static fn (self $test) => $save($test, 'partners/referrer', ['policy' => $test->shop->referrer_policy === ReferrerPolicy::Nothing ? 'strict-origin' : 'no-referrer']), 'to a marketplace'];
        yield 'the shop is known by another ID there' => [static fn (self $test) => $save($test, 'marketplaces/'.($id = Marketplace::query()->where('shop_id', $test->shop->id)->orderBy('id')->firstOrFail()->id), ['partner_id' => 'moss-8', 'rates' => []] + self::sent(MarketplaceForm::of(Marketplace::query()->with([...Marketplace::READ_WITH, 'rates'])->findOrFail($id)))), 'to a marketplace'];
        yield 'an order takes the last one' => [static fn (self $test, Placement $placement) => $test->paid($test->shop, $placement->offer->lines[0]->product ?? self::fail('It sells nothing.'), 5)];
        yield 'of what is added, an order takes the last one' => [static fn (self $test, Placement $placement) => $test->paid($test->shop, $placement->offer->lines[0]->product ?? self::fail('It sells nothing.'), 5), 'into the cart'];
        yield 'a click adds more' => [static fn (self $test, Placement $placement) => $offer($test, $placement, ['items' => [['product_id' => $placement->offer->lines[0]?->product_id, 'variant' => '', 'quantity' => '3']]]), 'into the cart'];
        yield 'the checkout is called otherwise' => [static fn (self $test) => $save($test, 'names', ['name' => $test->shop->name, 'slug' => $test->shop->slug, 'host' => $test->shop->host, 'checkout_slug' => 'till']), 'to the checkout'];
        yield 'the place is deleted' => [static fn (self $test, Placement $placement) => $test->postJson($test->console("/api/shops/{$test->shop->slug}/deleted/place/{$placement->id}"), ['is_deleted' => true])->assertSuccessful()];
    }

    /** @return array<mixed> */
    private static function productForm(Placement $placement): array
    {
        $product = $placement->offer->lines[0]->product ?? self::fail('It sells nothing.');

        return self::sent(ProductForm::of($product->refresh()->load(['variants', 'pictures', 'categories', 'addOns', 'addresses']), $placement->shop->zone()));
    }

    private function isKeptAfter(Placement $placement): bool
    {
        $now = Placement::withDeleted()->findOrFail($placement->id);
        $offer = $now->offer()->firstOrFail();

        return $now->deleted_at === null && $now->state($offer) === ButtonState::Idle
            && ($offer->leadsOut() ? $offer->page === null || $this->shop->refresh()->hasListed($offer->page) : $this->shop->refresh()->isReady());
    }

    private function link(string $which): Placement
    {
        $honey = $this->product($this->shop, ['sku' => 'honey', 'stock' => $which === 'sold out' ? 0 : 5, 'is_draft' => $which === 'of a draft product'] + ($which === 'to a date' ? ['kind' => ProductKind::Service, 'begins_at' => '2099-03-14 09:00:00'] : []));
        $offer = match ($which) {
            'to the page of the offer' => $this->offer($honey, ['destination' => Onwards::Cart, 'ask_label' => 'How many', 'ask_least' => 1, 'ask_most' => 3]),
            'to a page elsewhere' => $this->offer($honey, ['destination' => Onwards::Page, 'page' => 'https://fern.example/bees?a=1']),
            'to a marketplace' => $this->offer($this->partnerProduct($this->shop, [], $this->marketplace($this->shop), $this->marketplace($this->shop, ['name' => 'Quay Britain', 'hosts' => ['quay-gb.example'], 'country' => 'GB', 'currency' => 'GBP']))),
            'to no marketplace' => $this->offer($this->partnerProduct($this->shop, [], $this->marketplace($this->shop, ['partner_id' => '']))),
            'into the cart', 'into the cart, of several goods' => $this->offer($honey, ['destination' => Onwards::Cart]),
            'to the checkout' => $this->offer($honey, ['destination' => Onwards::Pay, 'quantity' => 2]),
            'to the checkout of the whole cart' => $this->offer($honey, ['destination' => Onwards::Pay, 'cart_use' => CartUse::WithCart]),
            'into the cart, on to browsing' => $this->offer($honey, ['destination' => Onwards::Stay, 'landing' => 'https://fern.example/shelf']),
            'of a paused offer' => $this->offer($honey, ['destination' => Onwards::Choose, 'state' => OfferState::Paused]),
            'of a draft' => $this->offer($honey, ['destination' => Onwards::Choose, 'state' => OfferState::Draft]),
            'archived' => $this->offer($honey, ['destination' => Onwards::Choose, 'state' => OfferState::Archived]),
            default => $this->offer($honey, ['destination' => Onwards::Choose]),
        };
        if ($which === 'to the cart') {
            $offer->update(['destination' => Onwards::Cart]);
            $offer->lines()->delete();
        }
        if ($which === 'into the cart, of several goods') {
            $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $this->product($this->shop)->id, 'quantity' => 3]);
        }
        $placement = $this->placement($offer, as: ['paused_at' => $which === 'that is paused' ? now() : null]);
        if ($which === 'deleted') {
            $placement->update(['deleted_at' => now()]);
        }
        if ($which === 'to a display') {
            $placement->code = $this->display($this->shop, $honey)->code;
        }

        return $placement;
    }

    /** @param  string  $pattern  %s the code, %S in capitals, %h with hyphens, %o with letters for its digits */
    private static function path(string $pattern, string $code): string
    {
        return strtr($pattern, ['%%' => '%', '%s' => $code, '%S' => strtoupper($code), '%h' => implode('-', str_split($code, 3)), '%o' => strtr($code, ['0' => 'O', '1' => 'l'])]);
    }

    /** @param  array<string, string>  $server  as php-fpm is told it; what is blank was not sent */
    private static function request(string $path, array $server): Request
    {
        $server = array_filter($server + ['HTTP_HOST' => 'tarn.localhost'] + self::NAVIGATES + ['REQUEST_METHOD' => 'GET', 'REMOTE_ADDR' => '198.51.100.7', 'REQUEST_URI' => $path, 'QUERY_STRING' => (string) parse_url("http://x{$path}", PHP_URL_QUERY)], static fn (string $value): bool => $value !== '');
        parse_str($server['QUERY_STRING'] ?? '', $query);
        parse_str($server['HTTP_COOKIE'] ?? '', $cookies);

        return new Request($query, [], [], $cookies, [], $server);
    }

    private function asked(Request $request): Response
    {
        return app(Kernel::class)->handle($request);
    }

    /** @return array{int, list<string>, string} */
    private static function parts(Response $response): array
    {
        $headers = [];
        /** @var array<string, list<string>> $sent */
        $sent = $response->headers->allPreserveCase();
        foreach ($sent as $name => $values) {
            array_push($headers, ...array_map(static fn (string $value): string => "{$name}: {$value}", $values));
        }

        return self::masked($response->getStatusCode(), $headers, (string) $response->getContent());
    }

    /**
     * Without what is another with each answer.
     *
     * @param  list<string>  $headers
     * @return array{int, list<string>, string}
     */
    private static function masked(int $status, array $headers, string $body): array
    {
        $mask = static fn (string $text): string => (string) preg_replace(['~/checkout/[0-9A-Za-z_-]{12}~', '/kite_visitor=[^;]+/', '/expires=[^;]+; Max-Age=\d+/i'], 'random', $text);

        // The web server says the date, of either.
        return [$status, array_map($mask, array_values(array_filter($headers, static fn (string $header): bool => ! str_starts_with($header, 'Date: ')))), $mask($body)];
    }

    /** @return array{list<array<mixed>>, list<array<mixed>>, list<array<mixed>>} events, carts, and lines in them; of what is random, whether it is there */
    private function rows(): array
    {
        app(WriteSpooled::class)();
        $events = DB::table('events')->where('shop_id', $this->shop->id)->orderBy('id')->get()->map(static fn (object $row): array => array_diff_key((array) $row, ['id' => true]))->all();

        $random = array_flip(['id', 'ref', 'visitor', 'shared_by', 'cart_id', 'created_at', 'last_added_at', 'second_step_at']);
        $of = static fn (Collection $rows): array => array_values($rows->map(static fn (mixed $row): array => array_diff_key((array) $row, $random) + array_map(is_null(...), (array) $row))->all());

        return [
            array_values($events),
            $of(DB::table('carts')->where('shop_id', $this->shop->id)->orderBy('id')->get()),
            $of(DB::table('cart_lines')->join('carts', 'carts.id', '=', 'cart_id')->where('carts.shop_id', $this->shop->id)->orderBy('cart_lines.id')->get('cart_lines.*')),
        ];
    }

    /**
     * @template T
     *
     * @param  callable(): T  $does
     * @return T
     */
    private function takenBack(callable $does): mixed
    {
        apcu_clear_cache();
        app(ConnectionInterface::class)->beginTransaction();
        try {
            return $does();
        } finally {
            app(ConnectionInterface::class)->rollBack();
            array_map(unlink(...), glob("{$this->spool()}/*") ?: []);
        }
    }
}
