<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\Models\Cart;
use App\Models\Payment;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\SettlePayment;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\EventGoods;
use App\Results\FoldEvents;
use App\Results\Labels;
use App\Results\ReadResults;
use App\Results\RecordEvent;
use App\Results\Source;
use App\Results\WriteSpooled;
use App\Text\Secrets;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use Illuminate\Testing\TestResponse;
use PaperKite\Checkout\CartDigest;
use PaperKite\Link\Device;
use PaperKite\Offer\Onwards;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\ShopRules;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\Support\ShowsImages;
use Tests\TestCase;

/** What is counted of shoppers, by which day, and what is read of it. */
final class ResultsTest extends TestCase
{
    use ShowsImages;

    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document', 'Accept-Language' => 'en-IE', 'User-Agent' => 'Mobile'];

    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['cost_minor' => 400]);
    }

    public function test_a_trip_is_counted_at_each_of_its_steps(): void
    {
        $placement = $this->placement($this->offer($this->honey, ['destination' => Onwards::Choose, 'quantity' => 2]));
        $visitor = Secrets::token();

        $page = (string) $this->visit("/k/{$placement->code}", $visitor)->headers->get('Location');
        app(WriteSpooled::class)();
        $this->visit($page, $visitor)->assertOk();
        $this->as($visitor)->post($this->at('/cart/add'), ['sku' => $this->honey->sku, 'quantity' => '2', 'k' => $placement->code, 'to' => 'pay']);
        $cart = Cart::query()->where('shop_id', $this->shop->id)->firstOrFail();
        $this->visit("/checkout/{$cart->ref}", $visitor)->assertOk();
        // Looked at once more, it is the same checkout.
        $this->visit("/checkout/{$cart->ref}", $visitor)->assertOk();
        $this->pay($cart, $visitor);

        $of = [$placement->offer_id, $placement->id, 'IE', Device::Phone->number()];
        self::assertSame([
            [EventKind::Click->value, 0, 0, 0, 0, ...$of],
            [EventKind::View->value, $this->honey->id, 0, 0, 0, ...$of],
            [EventKind::Add->value, $this->honey->id, 2, 0, 0, ...$of],
            [EventKind::Checkout->value, $this->honey->id, 2, 0, 0, ...$of],
            [EventKind::Order->value, $this->honey->id, 2, 1960, 1160, ...$of],
        ], $this->events(['kind', 'product_id', 'pieces', 'value_minor', 'profit_minor', 'offer_id', 'placement_id', 'country', 'device']));
    }

    public function test_several_goods_are_one_act_and_an_entry_of_each(): void
    {
        $candle = $this->product($this->shop);
        $offer = $this->offer($this->honey, ['destination' => Onwards::Cart]);
        $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $candle->id, 'quantity' => 3]);

        $this->visit('/k/'.$this->placement($offer)->code, Secrets::token())->assertStatus(303);

        self::assertSame([[2, 0, 1, 0], [3, $this->honey->id, 1, 1], [3, $candle->id, 0, 3]], $this->events(['kind', 'product_id', 'is_act', 'pieces']));
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('nobody')]
    public function test_a_page_that_nobody_looks_at_is_not_counted(string $query, array $headers): void
    {
        $this->showing($this->get($this->at("/p/{$this->honey->sku}{$query}"), $headers)->assertOk(), $this->shop->base(), $headers);

        self::assertSame(0, $this->acts($this->shop, EventKind::View));
    }

    /** @return iterable<string, array{string, array<string, string>}> */
    public static function nobody(): iterable
    {
        yield 'a robot' => ['', ['User-Agent' => 'Leafbot/2.0']];
        yield 'a prefetch' => ['', ['Sec-Purpose' => 'prefetch'] + self::NAVIGATES];
        yield 'a glance that is prefetched' => ['?glance=1', ['Sec-Purpose' => 'prefetch', 'Sec-Fetch-Mode' => 'cors', 'Sec-Fetch-Dest' => 'empty']];
    }

    public function test_a_page_is_counted_by_an_image_that_its_own_browser_asks_for(): void
    {
        $page = (string) $this->get($this->at("/p/{$this->honey->sku}"), self::NAVIGATES)->assertOk()->getContent();
        self::assertStringContainsString("<img src=\"/p/{$this->honey->sku}/seen\" alt=\"\" hidden>", $page);
        self::assertSame(0, $this->acts($this->shop, EventKind::View));

        foreach (['cross-site' => 0, 'same-site' => 0, 'same-origin' => 1] as $site => $count) {
            $this->get($this->at("/p/{$this->honey->sku}/seen"), ['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image', 'Sec-Fetch-Site' => $site, 'User-Agent' => 'Mobile'])->assertNoContent()->assertHeader('Cache-Control', 'no-store, private');
            self::assertSame($count, $this->acts($this->shop, EventKind::View), $site);
        }
        $this->get($this->at('/p/nothing/seen'))->assertNoContent();
        self::assertSame(1, $this->acts($this->shop, EventKind::View));
    }

    public function test_a_glance_and_the_page_of_an_offer_are_views(): void
    {
        $placement = $this->placement($this->offer($this->honey, ['destination' => Onwards::Cart]));
        $this->showing($this->get($this->at("/p/{$this->honey->sku}?glance=1"), ['Sec-Fetch-Mode' => 'cors', 'Sec-Fetch-Dest' => 'empty'])->assertOk(), $this->shop->base());
        $this->visit("/o/{$placement->code}", Secrets::token())->assertOk();

        self::assertSame([[1, $this->honey->id, 0], [1, $this->honey->id, $placement->id]], $this->events(['kind', 'product_id', 'placement_id']));
    }

    public function test_goods_are_credited_to_where_the_shopper_came_from_last(): void
    {
        $placement = $this->placement($this->offer($this->honey, ['destination' => Onwards::Cart]));
        $visitor = Secrets::token();

        $this->visit("/take/{$this->honey->sku}?to=cart&from=spring", $visitor)->assertStatus(303);
        $label = DB::table('labels')->where('shop_id', $this->shop->id)->value('id');
        $this->assertCredited(null, $label);

        $this->visit("/k/{$placement->code}", $visitor)->assertStatus(303);
        $this->assertCredited($placement->id, null);

        // What says nothing of where it is leaves the credit as it was.
        $this->visit("/take/{$this->honey->sku}?to=cart", $visitor)->assertStatus(303);
        $this->assertCredited($placement->id, null);
    }

    private function assertCredited(?int $placementId, mixed $labelId): void
    {
        $line = (array) DB::table('cart_lines')->whereIn('cart_id', Cart::query()->where('shop_id', $this->shop->id)->select('id'))->first(['placement_id', 'label_id']);
        self::assertSame(['placement_id' => $placementId, 'label_id' => $labelId], $line);
    }

    public function test_the_label_of_a_link_reaches_the_order(): void
    {
        $visitor = Secrets::token();
        $this->visit("/take/{$this->honey->sku}?to=pay&from=spring", $visitor);
        $cart = Cart::query()->where('shop_id', $this->shop->id)->firstOrFail();
        $this->visit("/checkout/{$cart->ref}", $visitor);
        $this->pay($cart, $visitor);

        $label = DB::table('labels')->where('shop_id', $this->shop->id)->value('id');
        self::assertSame([$label], DB::table('order_lines')->join('orders', 'orders.id', '=', 'order_id')->where('shop_id', $this->shop->id)->pluck('label_id')->all());
        self::assertSame([[2, $label], [3, $label], [4, $label], [5, $label]], $this->events(['kind', 'label_id']));
    }

    public function test_a_label_that_takes_the_last_room_while_somebody_else_comes_by_it_is_theirs_too(): void
    {
        DB::table('labels')->insert(array_map(fn (int $i): array => ['shop_id' => $this->shop->id, 'text' => "stray-{$i}", 'is_own' => false], range(1, Labels::MOST_FOREIGN - 1)));
        $last = null;
        DB::listen(function () use (&$last): void {
            // The first statement of the other has looked for it, and found nothing.
            if ($last === null) {
                $last = 0;
                $last = DB::table('labels')->insertGetId(['shop_id' => $this->shop->id, 'text' => 'last', 'is_own' => false]);
            }
        });

        $counted = app(Labels::class)->idOf($this->shop, 'last');
        self::assertSame($last, $counted);
    }

    public function test_strangers_labels_are_kept_up_to_a_number_and_the_shops_own_always(): void
    {
        DB::table('labels')->insert(array_map(fn (int $i): array => ['shop_id' => $this->shop->id, 'text' => "stray-{$i}", 'is_own' => false], range(1, Labels::MOST_FOREIGN - 1)));
        $labels = app(Labels::class);

        self::assertGreaterThan(0, $labels->idOf($this->shop, 'last'));
        self::assertSame(Labels::OTHER, $labels->idOf($this->shop, 'one-more'));
        // Letters are told apart: a label is what the seller wrote.
        self::assertSame(Labels::OTHER, $labels->idOf($this->shop, 'LAST'));
        self::assertNull($labels->idOf($this->shop, null));
        self::assertSame(Labels::MOST_FOREIGN, DB::table('labels')->where('shop_id', $this->shop->id)->count());

        $this->actingAs($this->person($this->shop))->postJson($this->console("/api/shops/{$this->shop->slug}/open-links/build"), [
            'items' => [['sku' => $this->honey->sku, 'quantity' => '1']], 'to' => 'pay', 'coupon' => '', 'back' => '', 'from' => 'one-more',
        ])->assertOk();
        self::assertGreaterThan(0, $labels->idOf($this->shop, 'one-more'));
        // A stranger's label that the shop uses itself makes room for another.
        $labels->keepOwn($this->shop, 'last');
        self::assertGreaterThan(0, $labels->idOf($this->shop, 'LAST'));
    }

    #[DataProvider('zones')]
    public function test_an_event_is_of_the_shops_own_day_and_hour(string $zone, string $utc, string $day, int $hour): void
    {
        $rules = $this->shop->rules();
        $this->shop->update(['rules' => new ShopRules($rules->currency, new \DateTimeZone($zone), $rules->tax, null, $rules->zones)]);
        $placement = $this->placement($this->offer($this->honey));
        $this->travelTo(CarbonImmutable::parse($utc, 'UTC'));

        $this->visit("/k/{$placement->code}", Secrets::token())->assertStatus(303);

        self::assertSame([[$day, $hour], [$day, $hour]], $this->events(['day', 'hour']));
    }

    /** @return iterable<string, array{string, string, string, int}> */
    public static function zones(): iterable
    {
        yield 'Greenwich' => ['UTC', '2026-03-31 23:59:59', '2026-03-31', 23];
        yield 'an hour ahead in summer' => ['Europe/Dublin', '2026-03-31 23:00:00', '2026-04-01', 0];
        yield 'three quarters of an hour' => ['Asia/Kathmandu', '2026-03-31 18:14:59', '2026-03-31', 23];
        yield 'past that midnight' => ['Asia/Kathmandu', '2026-03-31 18:15:00', '2026-04-01', 0];
        yield 'far behind' => ['Pacific/Marquesas', '2026-03-31 09:29:00', '2026-03-30', 23];
    }

    public function test_traces_tell_of_thirty_days_of_the_shop_added_up_or_not(): void
    {
        $this->travelTo('2026-03-31 00:30:00');
        $placement = $this->placement($this->offer($this->honey));
        $quiet = $this->placement($this->offer($this->product($this->shop)));
        foreach (['2026-03-31 00:00:00', '2026-03-30 23:00:00', '2026-03-30 01:00:00', '2026-03-02 00:00:00', '2026-03-01 23:00:00'] as $i => $hour) {
            $this->clicked($placement, $hour);
            if ($i === 2) {
                $this->fold();
            }
        }
        $expected = [$placement->offer_id => [1, ...array_fill(0, 27, 0), 2, 1], $quiet->offer_id => array_fill(0, 30, 0)];

        self::assertSame($expected, $this->traces([$placement->offer_id, $quiet->offer_id]));
        $this->fold();
        self::assertSame($expected, $this->traces([$placement->offer_id, $quiet->offer_id]));
        self::assertSame([], $this->traces([]));
        self::assertSame([$placement->offer_id => array_fill(0, 30, 0)], app(ReadResults::class)->tracesOfOffers($this->shop(), EventKind::Click, [$placement->offer_id]));
    }

    public function test_what_is_added_up_is_what_was_recorded_however_often(): void
    {
        $placement = $this->placement($this->offer($this->honey));
        $candle = $this->product($this->shop);
        for ($i = 0; $i < 5; $i++) {
            app(RecordEvent::class)(
                new Event(EventKind::Order, CountedShop::of($this->shop), Source::of($placement), $i % 2 === 0 ? 'IE' : null, Device::Phone, [new EventGoods($this->honey->id, 2, 1960, -70), new EventGoods($candle->id, 1, 500, 20)]),
                new Event(EventKind::Click, CountedShop::of($this->shop), Source::of(null, Labels::OTHER), 'DE', null),
            );
            $this->fold();
            $this->fold();
        }

        $sums = DB::table('result_days')->where('shop_id', $this->shop->id)
            ->orderBy('kind')->orderByRaw('product_id = ? DESC', [$this->honey->id])->orderBy('country')
            ->get(['kind', 'country', 'label_id', 'acts', 'entries', 'pieces', 'value_minor', 'profit_minor'])->map(static fn (object $row): array => array_values((array) $row))->all();
        self::assertSame([
            [2, 'DE', Labels::OTHER, 5, 5, 0, 0, 0],
            [5, '', 0, 2, 2, 4, 3920, -140], [5, 'IE', 0, 3, 3, 6, 5880, -210],
            [5, '', 0, 0, 2, 2, 1000, 40], [5, 'IE', 0, 0, 3, 3, 1500, 60],
        ], $sums);
    }

    public function test_the_schedule_adds_up_what_is_there(): void
    {
        Sleep::fake();
        $this->clicked($this->placement($this->offer($this->honey)), now()->toDateTimeString());

        $this->command('results:fold')->assertSuccessful()->run();
        $this->command('results:fold')->assertSuccessful()->run();

        self::assertSame(1, DB::table('result_days')->where('shop_id', $this->shop->id)->count());
        Sleep::assertSleptTimes(1);
    }

    public function test_adding_up_waits_for_whoever_is_still_writing(): void
    {
        $late = app(DatabaseManager::class)->connectUsing('late', config()->array('database.connections.'.config()->string('database.default')));
        $late->beginTransaction();
        try {
            // Its number is lower than that of an event which is there already.
            $late->table('events')->insert(['shop_id' => 999_999_999, 'kind' => 2, 'day' => '2026-03-31', 'hour' => 1, 'currency' => 'EUR', 'is_act' => true, 'pieces' => 0, 'value_minor' => 0, 'profit_minor' => 0]);
            $this->clicked($this->placement($this->offer($this->honey)), now()->toDateTimeString());
            DB::statement('SET innodb_lock_wait_timeout = 1');

            $this->expectException(\PDOException::class);
            $this->expectExceptionMessage('Lock wait timeout');
            $this->fold();
        } finally {
            DB::statement('SET innodb_lock_wait_timeout = DEFAULT');
            $late->rollBack();
        }
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function visit(string $path, string $visitor): TestResponse
    {
        return $this->showing($this->as($visitor)->get($this->at($path), self::NAVIGATES), $this->shop->base(), self::NAVIGATES);
    }

    private function pay(Cart $cart, string $visitor): void
    {
        $receipt = app(ReckonCart::class)($this->shop, CartContents::of($cart->load('lines')), 'IE')->receipt ?? self::fail('The cart can’t be reckoned.');
        $details = ['email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed', 'street' => '12 Chandler Court', 'postcode' => '', 'town' => 'Tarnmouth', 'country' => 'IE'];
        $this->as($visitor)->post($this->at("/checkout/{$cart->ref}"), ['digest' => CartDigest::of($receipt), 'pay' => '1'] + $details)->assertStatus(303);
        $payment = Payment::query()->whereRelation('checkout', 'cart_id', $cart->id)->firstOrFail();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
    }

    private function as(string $visitor): static
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $visitor])->withHeaders(self::NAVIGATES);
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }

    /**
     * @param  list<string>  $columns
     * @return list<list<mixed>> of the shop, in the order in which they were written
     */
    private function events(array $columns): array
    {
        return array_values(DB::table('events')->where('shop_id', $this->shop->id)->orderBy('id')->get($columns)->map(static fn (object $event): array => array_values((array) $event))->all());
    }

    private function clicked(Placement $placement, string $utc): void
    {
        app(RecordEvent::class)->at(CarbonImmutable::parse($utc, 'UTC'), new Event(EventKind::Click, CountedShop::of($this->shop), Source::of($placement), 'IE', Device::Phone));
    }

    private function fold(): void
    {
        $fold = app(FoldEvents::class);
        $fold($fold->newest());
    }

    /**
     * @param  list<int>  $offers
     * @return array<int, list<int>>
     */
    private function traces(array $offers): array
    {
        return app(ReadResults::class)->tracesOfOffers($this->shop, EventKind::Click, $offers);
    }
}
