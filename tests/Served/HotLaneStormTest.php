<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Placement;
use Generator;
use GuzzleHttp\Client;
use GuzzleHttp\Pool;
use GuzzleHttp\Psr7\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use PaperKite\Offer\Onwards;
use PaperKite\Results\EventKind;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\KillsServers;
use Throwable;

/** Clicks that are answered before the framework starts: to the byte as it answers them, and counted whatever is killed. */
final class HotLaneStormTest extends ServedTestCase
{
    use KillsServers;

    private const AT_ONCE = 16;

    private const PLACES = 50;

    /** In microseconds. */
    private const PAUSE = 100_000;

    public function test_what_goes_over_the_wire_is_the_same_to_the_byte(): void
    {
        $placement = $this->leadingOn();
        $byFramework = $this->raw($placement, 'the first');
        $byLane = $this->raw($placement, 'the second');

        self::assertSame($byFramework, $byLane);
        self::assertSame(2, $this->spooled($placement));
        self::assertSame(2, $this->acts($this->shop, EventKind::Click));
    }

    public function test_what_adds_goes_over_the_wire_alike_and_writes_the_same(): void
    {
        foreach (['to the cart' => Onwards::Cart, 'to the checkout' => Onwards::Pay] as $where => $destination) {
            $placement = $this->adding($destination);
            $byFramework = $this->raw($placement, 'the first');
            self::assertStringStartsWith('HTTP/1.1 303 ', $byFramework);
            foreach (['the second', 'the third'] as $agent) {
                self::assertSame($byFramework, $this->raw($placement, $agent), $where);
            }
            $rows = DB::table('carts')->join('cart_lines', 'cart_lines.cart_id', '=', 'carts.id')->where('last_placement_id', $placement->id)->get(['carts.shop_id', 'shared_by', 'last_take', 'second_step_at', 'coupon_code', 'back', 'product_id', 'quantity', 'terms', 'offer_id', 'label_id'])->map(static fn (object $row): array => ['shared_by' => $row->shared_by !== null] + (array) $row)->unique();
            self::assertCount(1, $rows, $where);
        }
        self::assertSame([6, 6], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Add)]);
    }

    public function test_whatever_is_killed_a_click_that_is_answered_has_added_once(): void
    {
        $placement = $this->adding(Onwards::Cart);
        $accepted = array_sum($this->storm(600, static fn (): Placement => $placement));
        $carts = DB::table('carts')->where('last_placement_id', $placement->id)->pluck('id');

        self::assertGreaterThan(60, $accepted);
        self::assertThat($carts->count(), self::logicalAnd(self::greaterThanOrEqual($accepted), self::lessThanOrEqual(600)));
        self::assertSame(array_fill(0, $carts->count(), 1), DB::table('cart_lines')->whereIn('cart_id', $carts)->orderBy('id')->pluck('quantity')->all());
        self::assertSame([$carts->count(), $carts->count()], [$this->writtenActs($this->shop, EventKind::Click), $this->writtenActs($this->shop, EventKind::Add)]);
    }

    public function test_of_sixteen_clicks_of_one_browser_at_once_one_adds(): void
    {
        foreach (['to the cart' => Onwards::Cart, 'to the checkout' => Onwards::Pay] as $where => $destination) {
            $placement = $this->adding($destination);
            $this->raw($placement, 'the first');
            $pieces = static fn (): int => array_sum(DB::table('cart_lines')->where('placement_id', $placement->id)->pluck('quantity')->all());
            $before = $pieces();
            // Somebody whom the shop knows: their first click may be carried out by any of the sixteen.
            $client = new Client(['base_uri' => "http://127.0.0.1:{$this->port()}", 'allow_redirects' => false, 'http_errors' => false]);
            $clicks = static function () use ($placement): Generator {
                for ($i = 0; $i < self::AT_ONCE; $i++) {
                    yield new Request('GET', "/k/{$placement->code}", ['Host' => $placement->shop->host, 'Cookie' => 'kite_visitor=abcdefghijklmnopqrstuv', 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
                }
            };
            $statuses = array_map(static fn (mixed $answer): int => $answer instanceof ResponseInterface ? $answer->getStatusCode() : 0, Pool::batch($client, $clicks(), ['concurrency' => self::AT_ONCE]));
            self::assertSame([303 => self::AT_ONCE], array_count_values($statuses), $where);
            if ($destination === Onwards::Cart) {
                self::assertSame(1, $pieces() - $before, $where);
            }
            self::assertSame(2, DB::table('events')->where(['placement_id' => $placement->id, 'kind' => EventKind::Click])->count(), $where);
        }
    }

    public function test_a_click_is_answered_while_the_database_is_away(): void
    {
        $placement = $this->leadingOn();
        $this->raw($placement, 'the first');
        $this->kill($this->database());
        try {
            self::assertStringStartsWith('HTTP/1.1 303 ', $this->raw($placement, 'the second'));
        } finally {
            $this->waitUntil(static fn (): bool => DB::table('shops')->exists());
        }
        self::assertSame(2, $this->acts($this->shop, EventKind::Click));
    }

    public function test_no_click_is_lost_and_none_doubled_whatever_is_killed(): void
    {
        $places = array_map(fn (): Placement => $this->leadingOn(), range(1, self::PLACES));
        $clicks = (int) (getenv('KITE_STORM_CLICKS') ?: 3000);
        $accepted = $this->storm($clicks, static fn (int $i): Placement => $places[$i % self::PLACES]);
        $written = DB::table('events')->where(['shop_id' => $this->shop->id, 'kind' => EventKind::Click])->groupBy('placement_id')->selectRaw('placement_id, COUNT(*) AS clicks')->pluck('clicks', 'placement_id');
        $sent = intdiv($clicks, self::PLACES);
        foreach ($places as $i => $placement) {
            // What was counted, but whose answer was lost with its worker, is counted once all the same.
            self::assertGreaterThanOrEqual($accepted[$i], $written[$placement->id] ?? 0, "Place {$i}");
            self::assertLessThanOrEqual($sent, $written[$placement->id] ?? 0, "Place {$i}");
        }
        self::assertGreaterThan($clicks / 5, array_sum($accepted), 'A good part was answered.');
    }

    /**
     * Clicks on while servers are killed, until all are back and all counts are written.
     *
     * @param  callable(int): Placement  $placement  that the click of this number is on
     * @return array<int, int> how many clicks were answered, by their number modulo the places
     */
    private function storm(int $clicks, callable $placement): array
    {
        $accepted = array_fill(0, self::PLACES, 0);
        $killer = $this->killsOnAndOn();
        try {
            (new Pool(new Client(['base_uri' => "http://127.0.0.1:{$this->port()}", 'allow_redirects' => false, 'http_errors' => false, 'timeout' => 20]), $this->clicks($placement, $clicks), [
                'concurrency' => self::AT_ONCE,
                'fulfilled' => static function (ResponseInterface $answer, int $i) use (&$accepted): void {
                    $accepted[$i % self::PLACES] += $answer->getStatusCode() === 303 ? 1 : 0;
                    // While a server is away, clicks come no faster than people's.
                    usleep($answer->getStatusCode() === 303 ? 0 : self::PAUSE);
                },
                'rejected' => static fn () => usleep(self::PAUSE),
            ]))->promise()->wait();
        } finally {
            posix_kill($killer, SIGKILL);
            pcntl_waitpid($killer, $status);
        }
        $this->waitUntil(static fn (): bool => DB::table('shops')->exists());
        $this->waitUntil(fn (): bool => (new Client(['http_errors' => false, 'timeout' => 5]))->get("http://127.0.0.1:{$this->port()}/", ['headers' => ['Host' => $this->shop->host]])->getStatusCode() === 200);
        $this->writeCounts();

        return $accepted;
    }

    /**
     * @param  callable(int): Placement  $placement
     * @return Generator<Request> each by another visitor
     */
    private function clicks(callable $placement, int $clicks): Generator
    {
        for ($i = 0; $i < $clicks; $i++) {
            yield new Request('GET', "/k/{$placement($i)->code}", ['Host' => $this->shop->host, 'User-Agent' => "Storm {$i}", 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
        }
    }

    /** @return int the process that kills workers, now and then all of php-fpm or the database, and whoever writes the counts */
    private function killsOnAndOn(): int
    {
        $killer = pcntl_fork();
        if ($killer !== 0) {
            return $killer;
        }
        try {
            for ($turn = 1; ; $turn++) {
                $this->killSomething($turn);
            }
        } finally {
            // None goes on to the tests after this.
            posix_kill(posix_getpid(), SIGKILL);
        }
    }

    private function killSomething(int $turn): void
    {
        $writer = Process::env($this->environment())->start([PHP_BINARY, 'artisan', 'counts:write']);
        // What was ended whole needs a while to come back.
        usleep($turn > 1 && ($turn % 5 === 1 || $turn % 7 === 1) ? 2_500_000 : random_int(150_000, 450_000));
        try {
            $this->kill(match (true) {
                $turn % 5 === 0 => $this->database(),
                $turn % 7 === 0 => [self::master(), ...$this->workers()],
                default => array_values(array_intersect_key($workers = $this->workers(), array_flip((array) array_rand($workers, 3)))),
            });
        } catch (Throwable) {
            // What is about to be killed is only just coming back.
        }
        if ($writer->running()) {
            $writer->signal(SIGKILL);
        }
        $writer->wait();
    }

    private function leadingOn(): Placement
    {
        return $this->placement($this->offer($this->product($this->shop), ['destination' => Onwards::Choose]));
    }

    private function adding(Onwards $where): Placement
    {
        return $this->placement($this->offer($this->product($this->shop), ['destination' => $where]))->setRelation('shop', $this->shop);
    }

    /** @return string the answer as it came, without what is another with each */
    private function raw(Placement $placement, string $agent): string
    {
        $server = stream_socket_client("tcp://127.0.0.1:{$this->port()}", timeout: 10) ?: self::fail('The server is not there.');
        fwrite($server, "GET /k/{$placement->code} HTTP/1.1\r\nHost: {$this->shop->host}\r\nUser-Agent: {$agent}\r\nSec-Fetch-Mode: navigate\r\nSec-Fetch-Dest: document\r\nConnection: close\r\n\r\n");

        return (string) preg_replace(['/^Date: .+$/m', '~/checkout/[0-9A-Za-z_-]{12}~', '/kite_visitor=.+?; Max-Age=\d+/'], 'random', (string) stream_get_contents($server));
    }

    private function spooled(Placement $placement): int
    {
        return array_sum(array_map(static fn (string $file): int => substr_count((string) file_get_contents($file), "\"{$placement->code}\""), glob(config()->string('kite.spool').'/*.spool') ?: []));
    }

    private function writeCounts(): void
    {
        Process::env($this->environment())->run([PHP_BINARY, 'artisan', 'counts:write'])->throw();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['DB_DATABASE' => (string) getenv('KITE_SERVED_DATABASE')];
    }

    private function port(): string
    {
        return config()->string('kite.port');
    }
}
