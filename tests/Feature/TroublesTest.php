<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Order;
use App\Models\Payment;
use App\Models\Shop;
use App\Payments\GiveBack;
use App\Payments\SettlePayment;
use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Offer\Onwards;
use PaperKite\Payment\ProviderState;
use PaperKite\Results\EventKind;
use PDOException;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** What a seller is told when something outside does not do its part, and what goes on all the same. */
final class TroublesTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    private Payment $payment;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->payment = $this->opened($this->shop, $this->product($this->shop), 1);
        $this->actingAs($this->person($this->shop));
    }

    public function test_all_is_well(): void
    {
        self::assertSame([], $this->troubles());
    }

    public function test_money_that_is_late_is_told_with_its_time_until_it_is_there(): void
    {
        app(SettlePayment::class)($this->payment, FakeProvider::statement($this->payment, ProviderState::Authorised));
        $this->provider->isDown = true;
        $this->workQueue();
        self::assertSame([], $this->troubles());

        $since = Order::query()->sole()->placed_at->setTimezone($this->shop->zone())->format('j F, H:i');
        $this->travel(6)->minutes();
        $this->workQueue();
        self::assertSame(["One payment is held but not collected yet, since {$since}: the payment provider does not answer. It is asked again every five minutes; there is nothing to do."], $this->troubles());

        $this->provider->isDown = false;
        $this->travel(6)->minutes();
        $this->workQueue();
        self::assertSame([], $this->troubles());
    }

    public function test_money_to_be_given_back_is_told_until_it_is(): void
    {
        app(GiveBack::class)($this->payment);
        $this->provider->isDown = true;
        $this->travel(6)->minutes();
        $this->workQueue();
        self::assertStringStartsWith('One payment is to be given back and is not yet, since ', $this->troubles()[0] ?? '');

        $this->provider->isDown = false;
        $this->travel(6)->minutes();
        $this->workQueue();
        self::assertSame([], $this->troubles());
    }

    public function test_a_worker_that_is_dead_is_told(): void
    {
        app(GiveBack::class)($this->payment);
        $this->travel(6)->minutes();

        self::assertStringContainsString('the program that does it is not running', implode(' ', $this->troubles()));
    }

    public function test_another_shops_troubles_are_not_told(): void
    {
        $other = $this->shop();
        app(SettlePayment::class)($this->payment, FakeProvider::statement($this->payment, ProviderState::Authorised));
        DB::table('jobs')->delete();
        $this->travel(6)->minutes();

        self::assertCount(1, $this->troubles());
        $this->getJson($this->console("/api/shops/{$other->slug}/troubles"))->assertNotFound();
        $this->actingAs($this->person($other))->getJson($this->console("/api/shops/{$other->slug}/troubles"))->assertOk()->assertExactJson([]);
    }

    public function test_a_full_disk_is_told(): void
    {
        foreach (['kite.pictures', 'kite.spool'] as $folder) {
            $before = config()->string($folder);
            config([$folder => '/proc']);
            self::assertStringContainsString('disk is nearly full', $this->troubles()[0] ?? '', $folder);
            config([$folder => $before]);
        }
    }

    public function test_a_click_that_can_not_be_counted_sells_all_the_same(): void
    {
        $offer = $this->offer($this->product($this->shop), ['destination' => Onwards::Cart]);
        $leads = $this->offer($this->product($this->shop), ['destination' => Onwards::Choose]);
        // As on a full disk: nothing can be appended, and the database takes what it has room for, and no count of clicks.
        $spool = $this->spool();
        config(['kite.spool' => '/proc/full']);
        app(Connection::class)->beforeExecuting(static function (string $sql): void {
            if (config('kite.spool') === '/proc/full' && str_starts_with($sql, 'INSERT INTO events')) {
                throw new QueryException('mariadb', $sql, [], new PDOException('The table ‘events’ is full.'));
            }
        });
        foreach ([$offer, $leads] as $each) {
            $this->get($this->placement($each)->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);
        }

        self::assertSame([0, 1], [$this->acts($this->shop, EventKind::Click), DB::table('carts')->where('shop_id', $this->shop->id)->whereNotNull('shared_by')->count()]);

        // Where there is room again, counting goes on.
        config(['kite.spool' => $spool]);
        $this->get($this->placement($leads)->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);
        self::assertSame(1, $this->acts($this->shop, EventKind::Click));
    }

    /** @return list<string> */
    private function troubles(): array
    {
        $answer = $this->answer()->json();

        return is_array($answer) ? array_values(array_filter($answer, is_string(...))) : [];
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function answer(): TestResponse
    {
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/troubles"))->assertOk();
    }
}
