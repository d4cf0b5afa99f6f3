<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Payments\CapturePayment;
use App\Providers\FormerNames;
use App\Time\Clock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** What waits in the queue is tried with pauses, and what can't be read is put aside. */
final class QueueTest extends TestCase
{
    use OpensPayments;

    #[DataProvider('unreadable')]
    public function test_a_job_that_can_not_be_read_is_tried_a_few_times_with_pauses_then_kept_and_told(string $body): void
    {
        DB::table('jobs')->insert(['queue' => 'money', 'payload' => $body, 'attempts' => 0, 'available_at' => 0, 'created_at' => 0]);
        $waits = [];
        for ($try = 1; $try <= 50 && DB::table('jobs')->exists(); $try++) {
            $this->workQueue('money');
            $wait = DB::table('jobs')->value('available_at');
            if (is_int($wait)) {
                $waits[] = $wait - (int) (new Clock)->now()->getTimestamp();
                $this->travel($waits[count($waits) - 1] + 1)->seconds();
            }
        }

        self::assertEqualsWithDelta([10, 60, 300, 900], $waits, 2);
        $kept = DB::table('failed_jobs')->sole();
        self::assertSame($body, $kept->payload);
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        $payload = static fn (string $class, string $command): string => (string) json_encode(['uuid' => 'u', 'job' => 'Illuminate\Queue\CallQueuedHandler@call', 'maxTries' => 0, 'data' => ['commandName' => $class, 'command' => $command]]);
        yield 'garbage' => ["\x00 no JSON"];
        yield 'nothing' => [''];
        yield 'JSON of something else' => ['{"a":1}'];
        yield 'a class that is gone' => [$payload('App\Jobs\Gone', 'O:13:"App\Jobs\Gone":1:{s:9:"paymentId";i:1;}')];
        yield 'a command that is broken' => [$payload(CapturePayment::class, 'O:23:"App\Jobs\Capt')];
        yield 'a command of another class' => [$payload(CapturePayment::class, 'O:8:"stdClass":0:{}')];
    }

    public function test_a_job_that_an_earlier_release_wrote_is_done(): void
    {
        $shop = $this->shop();
        $payment = $this->opened($shop, $this->product($shop), 1);
        CapturePayment::dispatch($payment->id);
        $former = array_search(CapturePayment::class, FormerNames::JOBS, true);
        $named = static fn (string $class): string => 'O:'.strlen($class).':"'.$class.'"';
        /** @var array{displayName: string, data: array{commandName: string, command: string}} $payload */
        $payload = json_decode(is_string($kept = DB::table('jobs')->value('payload')) ? $kept : '', true, flags: JSON_THROW_ON_ERROR);
        $payload['displayName'] = $payload['data']['commandName'] = (string) $former;
        $payload['data']['command'] = str_replace($named(CapturePayment::class), $named((string) $former), $payload['data']['command'], $replaced);
        DB::table('jobs')->update(['payload' => json_encode($payload)]);
        $this->workQueue('money');

        self::assertSame([1, ["capture {$payment->reference}"]], [$replaced, $this->provider->asked]);
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    public function test_a_job_that_can_not_be_read_stands_in_nobodys_way(): void
    {
        DB::table('jobs')->insert(['queue' => 'money', 'payload' => 'x', 'attempts' => 0, 'available_at' => 0, 'created_at' => 0]);
        $shop = $this->shop();
        $payment = $this->opened($shop, $this->product($shop), 1);
        CapturePayment::dispatch($payment->id);
        $this->workQueue('money');
        $this->workQueue('money');

        self::assertSame(["capture {$payment->reference}"], $this->provider->asked);
        self::assertSame(1, DB::table('jobs')->count());
    }

    public function test_money_is_asked_for_as_long_as_it_takes_with_pauses_of_up_to_five_minutes(): void
    {
        $shop = $this->shop();
        $payment = $this->opened($shop, $this->product($shop), 1);
        CapturePayment::dispatch($payment->id);
        $this->provider->isDown = true;
        $waits = [];
        for ($try = 1; $try <= 30; $try++) {
            $this->workQueue('money');
            $wait = DB::table('jobs')->value('available_at');
            $waits[] = is_int($wait) ? $wait - (int) (new Clock)->now()->getTimestamp() : self::fail("It was given up after {$try} tries.");
            $this->travel($waits[$try - 1] + 1)->seconds();
        }

        self::assertEqualsWithDelta([1, 5, 15, 60, 300, 300], array_slice($waits, 0, 6), 1);
        self::assertLessThanOrEqual(300, max($waits));
        self::assertSame(0, DB::table('failed_jobs')->count());
        $this->provider->isDown = false;
        $this->workQueue('money');
        self::assertSame(["capture {$payment->reference}"], $this->provider->asked);
    }

    public function test_delays_follow_the_shops_clock(): void
    {
        Queue::later(3600, new CapturePayment(1));
        $due = DB::table('jobs')->value('available_at');

        self::assertIsInt($due);
        self::assertEqualsWithDelta((new Clock)->now()->getTimestamp() + 3600, $due, 2);
    }
}
