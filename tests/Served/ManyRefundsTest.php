<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Refund;
use PaperKite\Payment\RefundState;
use Standins\pay\Ledger;
use Standins\pay\Mood;
use Tests\Support\AsksConsole;

/** Money that is given back by many hands at once, by a provider that does it and whose answer is lost, by workers that are killed. */
final class ManyRefundsTest extends ServedTestCase
{
    use AsksConsole;

    private Ledger $provider;

    private Product $honey;

    private Order $order;

    protected function setUp(): void
    {
        parent::setUp();
        $this->provider = new Ledger((string) getenv('KITE_STANDIN_PAY_DB'));
        $this->honey = $this->product($this->shop, ['stock' => 9]);
        // Five jars and shipping: 52.90.
        $this->order = $this->paidOrder($this->placement($this->offer($this->honey, ['quantity' => 5])));
    }

    protected function tearDown(): void
    {
        $this->provider->setMood(Mood::AsUsual);
        parent::tearDown();
    }

    public function test_twenty_at_once_give_back_no_more_than_was_taken(): void
    {
        // Twenty windows, each of which would give back 5.00 of 52.90.
        $refunds = array_map(fn (int $window) => $this->ask('POST', "orders/{$this->order->number}/refunds", $this->amount('5.00', "window-number-{$window}")), range(1, 20));

        self::assertEquals([200 => 10, 422 => 10], array_count_values($this->statuses($refunds)));
        $this->waitUntil(fn (): bool => Refund::query()->where(['order_id' => $this->order->id, 'state' => RefundState::Done])->count() === 10);
        self::assertSame([5000, 5000], [$this->payment()->refunded_minor, $this->givenBack()]);
        self::assertSame(10, $this->told());
    }

    public function test_one_act_pressed_sixteen_times_is_one_and_goods_come_back_once(): void
    {
        $act = ['by' => 'goods', 'lines' => [['line' => $this->order->lines()->sole()->id, 'pieces' => '2']], 'shipping' => '', 'amount' => '', 'reason' => '', 'act' => 'one-and-the-same', 'shown' => '19.60', 'is_restocked' => true];
        $presses = array_map(fn () => $this->ask('POST', "orders/{$this->order->number}/refunds", $act), range(1, 16));

        self::assertEquals([200 => 16], array_count_values($this->statuses($presses)));
        $this->waitUntil(fn (): bool => $this->payment()->refunded_minor === 1960);
        self::assertSame([1960, 1, 6], [$this->givenBack(), $this->told(), $this->honey->refresh()->stock]);
    }

    public function test_cancelled_by_sixteen_while_others_give_back_is_cancelled_once(): void
    {
        $presses = [];
        for ($i = 0; $i < 16; $i++) {
            $presses[] = $this->ask('POST', "orders/{$this->order->number}/cancel", ['shown' => '52.90', 'is_restocked' => true]);
            $presses[] = $this->ask('POST', "orders/{$this->order->number}/refunds", $this->amount('5.00', "window-number-{$i}"));
        }
        $answers = array_count_values($this->statuses($presses));
        $back = (string) ((52_90 - 500 * Refund::query()->where('order_id', $this->order->id)->where('act', '<>', Refund::CANCELLING)->count()) / 100);
        $this->statuses([$this->ask('POST', "orders/{$this->order->number}/cancel", ['shown' => number_format((float) $back, 2, '.', ''), 'is_restocked' => true])]);

        self::assertSame([], array_diff(array_keys($answers), [200, 422]));
        $this->waitUntil(fn (): bool => $this->payment()->refunded_minor === 52_90);
        self::assertSame([52_90, 9], [$this->givenBack(), $this->honey->refresh()->stock]);
        self::assertSame(1, Message::query()->where(['order_id' => $this->order->id, 'kind' => MessageKind::Cancelled])->count());
    }

    public function test_a_provider_that_gives_back_and_whose_answer_is_lost_gives_back_once(): void
    {
        $this->provider->setMood(Mood::LosesAnswers);
        $this->statuses([$this->ask('POST', "orders/{$this->order->number}/refunds", $this->amount('5.00', 'a-lost-answer'))]);
        $this->waitUntil(fn (): bool => $this->givenBack() === 500);
        usleep(1_500_000);
        self::assertSame([0, 0], [$this->payment()->refunded_minor, $this->told()]);

        $this->provider->setMood(Mood::AsUsual);
        $this->waitUntil(fn (): bool => $this->payment()->refunded_minor === 500);
        self::assertSame([500, 1], [$this->givenBack(), $this->told()]);
    }

    public function test_workers_that_are_killed_lose_and_double_nothing(): void
    {
        $refunds = array_map(fn (int $window) => $this->ask('POST', "orders/{$this->order->number}/refunds", $this->amount('1.00', "window-number-{$window}")), range(1, 20));
        foreach (range(1, 3) as $ignored) {
            usleep(150_000);
            $this->killWorkers();
        }
        self::assertEquals([200 => 20], array_count_values($this->statuses($refunds)));
        $this->waitUntil(fn (): bool => $this->payment()->refunded_minor === 2000);

        self::assertSame([2000, 20], [$this->givenBack(), $this->told()]);
    }

    private function killWorkers(): void
    {
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $command = str_replace("\0", ' ', (string) @file_get_contents($file));
            if (str_starts_with($command, 'php artisan queue:work --queue=money') && str_contains((string) @file_get_contents(dirname($file).'/environ'), 'KITE_RUN='.base_path('.run/'))) {
                posix_kill((int) basename(dirname($file)), SIGKILL);
            }
        }
    }

    /** @return array<string, mixed> */
    private function amount(string $amount, string $act): array
    {
        return ['by' => 'amount', 'lines' => [], 'shipping' => '', 'amount' => $amount, 'reason' => 'Late.', 'act' => $act, 'shown' => $amount, 'is_restocked' => false];
    }

    private function payment(): Payment
    {
        return Payment::query()->where('checkout_id', $this->order->checkout_id)->sole();
    }

    /** What the provider itself says. */
    private function givenBack(): int
    {
        return $this->provider->payment((string) $this->payment()->provider_id)->refunded ?? 0;
    }

    private function told(): int
    {
        return Message::query()->where(['order_id' => $this->order->id, 'kind' => MessageKind::Refunded])->count();
    }
}
