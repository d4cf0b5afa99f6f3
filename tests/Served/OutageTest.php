<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Order;
use App\Models\Payment;
use App\Models\Placement;
use App\Models\Product;
use GuzzleHttp\Client;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\TransferStats;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Http\Message\ResponseInterface;
use Standins\pay\Ledger;
use Standins\pay\Mood;

/** What is outside the shop is slow, silent or talks nonsense: whoever needs it is told, and everybody else is served. */
final class OutageTest extends ServedTestCase
{
    private const SHOPPERS = 16;

    /** Whoever waits for the provider or for a row that is held waits five seconds; everybody else is far from it, on a busy machine too. */
    private const QUICK_SECONDS = 3.0;

    /** All who wait do so side by side: once for the provider, or twice for the row, and a little until there are workers for all. */
    private const SIDE_BY_SIDE_SECONDS = 25.0;

    private CurlMultiHandler $loop;

    private HandlerStack $together;

    private Ledger $provider;

    private Product $product;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->loop = new CurlMultiHandler(['select_timeout' => 0.05]);
        $this->together = HandlerStack::create($this->loop);
        $this->provider = new Ledger((string) getenv('KITE_STANDIN_PAY_DB'));
        $this->product = $this->product($this->shop, ['stock' => 100]);
        $this->placement = $this->placement($this->offer($this->product));
    }

    protected function tearDown(): void
    {
        $this->provider->setMood(Mood::AsUsual);
        parent::tearDown();
    }

    public function test_a_provider_that_answers_after_ten_seconds_keeps_nobody_else_waiting(): void
    {
        [$shoppers, $checkouts] = $this->atTheCheckout(self::SHOPPERS);
        // Before anybody pays: a form that is fetched meanwhile is time that nobody waits in.
        $forms = array_map($this->form(...), $shoppers, $checkouts);
        $this->provider->setMood(Mood::Slow);
        $paying = array_map(static fn (Client $shopper, string $checkout, array $form): PromiseInterface => $shopper->postAsync($checkout, $form), $shoppers, $checkouts, $forms);

        $slowest = $this->slowestWhile($paying, ["/p/{$this->product->sku}", '/', '/cart']);

        self::assertLessThan(self::QUICK_SECONDS, $slowest);
        foreach ($paying as $answer) {
            $this->assertToldToTryAgain($answer);
        }
        $this->provider->setMood(Mood::AsUsual);
        $this->assertCanBePaid($shoppers[0], $checkouts[0]);
    }

    #[DataProvider('badDays')]
    public function test_a_provider_on_a_bad_day_takes_nothing_and_the_shopper_pays_later(Mood $mood): void
    {
        [[$shopper], [$checkout]] = $this->atTheCheckout(1);
        $form = $this->form($shopper, $checkout);
        $this->provider->setMood($mood);
        $this->assertToldToTryAgain($shopper->postAsync($checkout, $form));

        $this->provider->setMood(Mood::AsUsual);
        $this->assertCanBePaid($shopper, $checkout);
        self::assertSame(1, Payment::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{Mood}> */
    public static function badDays(): iterable
    {
        foreach ([Mood::Failing, Mood::TooMany, Mood::Garbage, Mood::Silent] as $mood) {
            yield $mood->label() => [$mood];
        }
    }

    #[TestWith([Mood::Failing])]
    #[TestWith([Mood::Garbage])]
    public function test_money_is_collected_once_the_provider_is_itself_again(Mood $mood): void
    {
        [[$shopper], [$checkout]] = $this->atTheCheckout(1);
        $hosted = $shopper->post($checkout, $this->form($shopper, $checkout))->getHeaderLine('Location');
        $this->provider->setMood($mood);
        // The signed event says that it is authorised; that it is to be captured, nobody hears.
        $shopper->post($hosted, ['form_params' => ['do' => 'pay', 'delivery' => 'first']]);
        $this->waitUntil(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->exists());
        usleep(1_500_000);
        self::assertTrue(Order::query()->where('shop_id', $this->shop->id)->whereNull('captured_at')->exists());

        $this->provider->setMood(Mood::AsUsual);
        $this->waitUntil(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->sole()->captured_at !== null);
        self::assertSame(1, $this->provider->payment(basename($hosted))?->captures);
    }

    public function test_a_row_that_somebody_holds_keeps_nobody_waiting_who_does_not_need_it(): void
    {
        [$shoppers, $checkouts] = $this->atTheCheckout(self::SHOPPERS);
        $hosted = array_map(fn (Client $shopper, string $checkout): string => $shopper->post($checkout, $this->form($shopper, $checkout))->getHeaderLine('Location'), $shoppers, $checkouts);
        $other = $this->product($this->shop, ['stock' => 5]);
        $holder = self::administrator();
        $holder->beginTransaction();
        $held = $holder->query('SELECT id FROM '.getenv('KITE_SERVED_DATABASE').".products WHERE id = {$this->product->id} FOR UPDATE");
        self::assertSame([$this->product->id], $held === false ? [] : $held->fetchAll(PDO::FETCH_COLUMN));

        $returns = array_map(static fn (Client $shopper, string $page): string => $shopper->post($page, ['form_params' => ['do' => 'pay', 'delivery' => 'late']])->getHeaderLine('Location'), $shoppers, $hosted);
        $paying = array_map(static fn (Client $shopper, string $return): PromiseInterface => $shopper->getAsync($return), $shoppers, $returns);
        $link = $this->placement->link($this->shop)->url();
        $slowest = $this->slowestWhile($paying, ["/p/{$this->product->sku}", "/p/{$other->sku}", '/', '/cart', (string) parse_url($link, PHP_URL_PATH)]);
        $holder->rollBack();

        self::assertLessThan(self::QUICK_SECONDS, $slowest);
        foreach ($paying as $answer) {
            $back = $answer->wait();
            self::assertInstanceOf(ResponseInterface::class, $back);
            self::assertSame(200, $back->getStatusCode());
            self::assertStringContainsString('Waiting for the payment', (string) $back->getBody());
        }
        // The events come again, and so may the shoppers: nobody's order is lost.
        $this->waitUntil(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->count() === self::SHOPPERS);
        self::assertSame(100 - self::SHOPPERS, $this->product->refresh()->stock);
    }

    /**
     * @param  array<PromiseInterface>  $others  what goes on meanwhile
     * @param  non-empty-list<string>  $paths
     * @return float seconds that the slowest page took
     */
    private function slowestWhile(array $others, array $paths): float
    {
        $slowest = 0.0;
        $began = microtime(true);
        $visitor = self::shopper($this->together);
        $pending = static fn (): bool => array_filter($others, static fn (PromiseInterface $other): bool => $other->getState() === PromiseInterface::PENDING) !== [];
        for ($i = 0; $pending() && $i < 2000; $i++) {
            $page = $visitor->getAsync($this->shop->base().$paths[$i % count($paths)], ['headers' => ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'], 'on_stats' => static function (TransferStats $stats) use (&$slowest): void {
                $slowest = max($slowest, (float) $stats->getTransferTime());
            }]);
            // To wait for it would be to wait for all that goes on.
            while ($page->getState() === PromiseInterface::PENDING) {
                $this->loop->tick();
            }
            usleep(50_000);
        }
        self::assertGreaterThan(10, $i, 'The others were done before anybody could have waited for them.');
        self::assertLessThan(self::SIDE_BY_SIDE_SECONDS, microtime(true) - $began, 'Those who wait have waited for each other.');

        return $slowest;
    }

    /** @return array{list<Client>, list<string>} shoppers with their cookies, and the addresses of their checkouts */
    private function atTheCheckout(int $count): array
    {
        $shoppers = $checkouts = [];
        for ($i = 0; $i < $count; $i++) {
            $shopper = self::shopper($this->together);
            $checkouts[] = $this->shop->base().$shopper->get($this->placement->link($this->shop)->url())->getHeaderLine('Location');
            $shoppers[] = $shopper;
        }

        return [$shoppers, $checkouts];
    }

    /** @return array<string, mixed> the form, as the page sends it now */
    private function form(Client $shopper, string $checkout): array
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $shopper->get($checkout)->getBody(), $found);

        return ['headers' => ['Origin' => $this->shop->base()], 'form_params' => ['digest' => $found[1] ?? '', 'email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE']];
    }

    private function assertToldToTryAgain(PromiseInterface $answer): void
    {
        $said = $answer->wait();
        self::assertInstanceOf(ResponseInterface::class, $said);
        self::assertSame(503, $said->getStatusCode());
        self::assertStringContainsString('The payment page can’t be reached just now. Nothing was paid; try again in a moment.', html_entity_decode((string) $said->getBody()));
    }

    private function assertCanBePaid(Client $shopper, string $checkout): void
    {
        $hosted = $shopper->post($checkout, $this->form($shopper, $checkout))->getHeaderLine('Location');
        $return = $shopper->post($hosted, ['form_params' => ['do' => 'pay', 'delivery' => 'never']])->getHeaderLine('Location');

        self::assertStringStartsWith('/thanks/', $shopper->get($return)->getHeaderLine('Location'));
    }
}
