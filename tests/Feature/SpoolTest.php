<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Placement;
use App\Models\Shop;
use App\Results\Spool;
use App\Results\SpooledAct;
use App\Results\WriteSpooled;
use App\Time\Clock;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Illuminate\Testing\TestResponse;
use PaperKite\Link\Device;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What is counted on pages of others goes to a spool, and from there into the database, each once. */
final class SpoolTest extends TestCase
{
    private Shop $shop;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->placement = $this->placement($this->offer($this->product($this->shop)), 'a page', ['medium' => 'widget']);
    }

    public function test_what_was_seen_and_clicked_is_counted_by_the_place_and_its_goods(): void
    {
        $other = $this->placement($this->placement->offer, 'another page', ['medium' => 'widget']);
        $this->seen(['view' => "{$this->placement->code},{$other->code},{$other->code}"], ['Accept-Language' => 'de-DE,de;q=0.9'])->assertNoContent()->assertHeader('Access-Control-Allow-Origin', '*');
        $this->seen(['click' => $this->placement->code])->assertNoContent();
        self::assertSame([0, 0], [$this->writtenActs($this->shop, EventKind::View), $this->writtenActs($this->shop, EventKind::Click)]);

        $this->command('counts:write')->expectsOutput('2 lines written.')->assertSuccessful();
        $this->command('counts:write')->expectsOutput('0 lines written.')->assertSuccessful();
        self::assertSame([2, 1], [$this->writtenActs($this->shop, EventKind::View), $this->writtenActs($this->shop, EventKind::Click)]);
        self::assertSame(1, DB::table('events')->where(['placement_id' => $other->id, 'country' => 'DE', 'product_id' => $this->placement->offer->lines[0]?->product_id])->count());
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('nobody')]
    public function test_who_is_nobody_is_not_counted(array $headers): void
    {
        $this->seen(['view' => $this->placement->code], $headers)->assertNoContent();
        self::assertSame([], app(Spool::class)->files());
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function nobody(): iterable
    {
        yield 'a robot' => [['User-Agent' => 'Previewbot/2.0']];
        yield 'the seller’s own console' => [['Origin' => 'http://seller.localhost']];
        yield 'what is loaded ahead' => [['Sec-Purpose' => 'prefetch;prerender']];
    }

    public function test_nonsense_is_not_kept(): void
    {
        foreach ([[], ['view' => ''], ['view' => 'nothing!'], ['click' => str_repeat('x', 100_000)], ['view' => ['a' => 'b']]] as $sent) {
            $this->seen($sent)->assertNoContent();
        }
        self::assertSame([], app(Spool::class)->files());
        $this->seen(['view' => implode(',', array_fill(0, 500, $this->placement->code))]);
        $this->command('counts:write');
        self::assertSame(1, $this->writtenActs($this->shop, EventKind::View));
    }

    public function test_a_torn_line_is_left_out_and_one_that_is_not_whole_yet_is_waited_for(): void
    {
        $spool = app(Spool::class);
        $spool->append($this->act());
        $file = "{$this->spool()}/{$spool->files()[0]}";
        file_put_contents($file, "{\"kind\":1,\"codes\":[\"to\n\n[]\nnull\n", FILE_APPEND);
        $spool->append($this->act());
        file_put_contents($file, substr($this->act()->line(), 0, 20), FILE_APPEND);

        app(WriteSpooled::class)();
        self::assertSame(2, $this->writtenActs($this->shop, EventKind::View));
        file_put_contents($file, substr($this->act()->line(), 20)."\n", FILE_APPEND);
        app(WriteSpooled::class)();
        self::assertSame(3, $this->writtenActs($this->shop, EventKind::View));
    }

    public function test_what_a_full_disk_has_torn_at_any_byte_costs_and_doubles_no_other(): void
    {
        $fill = 'require "vendor/autoload.php"; $spool = new App\Results\Spool($argv[1], new App\Time\Clock(null));
        for ($torn = 0; $torn < 60; $torn++) {
            for ($line = 0, $told = 0; $line < 60; $line++) {
                $told += (int) App\Results\Spool::appendTo($spool->fileOf($argv[2] + 3600 * $torn), "[".str_repeat("1", $line === 0 ? $torn : 16)."1]");
            }
            echo $told, " ";
        }';
        $at = app(Clock::class)->seconds();
        // The file of an hour may grow to two blocks, as if the disk had no more; what does not go into them is torn.
        $told = explode(' ', trim(Process::path(base_path())->run(['sh', '-c', 'trap "" XFSZ; ulimit -f 2; exec "$0" -r "$1" "$2" "$3"', PHP_BINARY, $fill, $this->spool(), (string) $at])->throw()->output()));

        $spool = app(Spool::class);
        self::assertCount(60, $told);
        foreach ($told as $torn => $before) {
            self::assertTrue(Spool::appendTo($spool->fileOf($at + 3600 * $torn), '[2]'));
            [$lines] = $spool->read($spool->files()[$torn], 0, 1000);
            $whole = array_filter($lines, static fn (string $line): bool => is_array(json_decode($line)));
            self::assertSame([(int) $before + 1, '[2]'], [count($whole), end($whole)], "{$torn}");
            self::assertLessThan(60, (int) $before);
        }
    }

    public function test_what_fails_on_the_way_is_written_later_and_once(): void
    {
        $spool = app(Spool::class);
        array_map(fn () => $spool->append($this->act()), range(1, 1200));
        $failsAt = 2;
        DB::listen(static function (QueryExecuted $query) use (&$failsAt): void {
            if (str_starts_with($query->sql, 'insert into events') && --$failsAt === 0) {
                throw new \RuntimeException('The worker was killed.');
            }
        });
        try {
            app(WriteSpooled::class)();
            self::fail('It was not killed.');
        } catch (\RuntimeException) {
            self::assertSame(500, $this->writtenActs($this->shop, EventKind::View));
        }
        app(WriteSpooled::class)();
        self::assertSame(1200, $this->writtenActs($this->shop, EventKind::View));
    }

    public function test_what_was_done_alike_is_written_at_once_in_the_hour_of_the_shop(): void
    {
        // In a zone of quarters, where an hour begins at a quarter past.
        DB::statement("UPDATE shops SET rules = JSON_SET(rules, '$.timezone', 'Asia/Kathmandu') WHERE id = ?", [$this->shop->id]);
        $quarter = intdiv(app(Clock::class)->seconds(), 3600) * 3600 + 900;
        foreach ([$quarter - 1, $quarter - 800, $quarter, $quarter + 899] as $at) {
            app(Spool::class)->append(new SpooledAct(EventKind::View, [$this->placement->code], 'IE', Device::Phone, $at));
        }
        $inserts = 0;
        DB::listen(static function (QueryExecuted $query) use (&$inserts): void {
            $inserts += (int) str_starts_with($query->sql, 'insert into events');
        });
        app(WriteSpooled::class)();

        $hour = (int) gmdate('G', $quarter + 5 * 3600 + 45 * 60);
        $written = DB::table('events')->where('shop_id', $this->shop->id)->pluck('hour')->countBy()->all();
        ksort($written);
        $told = [($hour + 23) % 24 => 2, $hour => 2];
        ksort($told);
        self::assertSame([1, $told], [$inserts, $written]);
    }

    public function test_an_hour_that_is_over_and_written_is_removed(): void
    {
        app(Spool::class)->append($this->act());
        app(WriteSpooled::class)();
        self::assertCount(1, app(Spool::class)->files());

        $this->app?->instance(Clock::class, $this->clockAhead(2 * 3600));
        app(Spool::class)->append($this->act());
        app(WriteSpooled::class)();
        self::assertCount(1, app(Spool::class)->files());
        self::assertSame([1, 2], [DB::table('spool_marks')->count(), $this->writtenActs($this->shop, EventKind::View)]);
    }

    private function clockAhead(int $seconds): Clock
    {
        file_put_contents("{$this->spool()}/ahead", (string) $seconds);

        return new Clock("{$this->spool()}/ahead");
    }

    private function act(): SpooledAct
    {
        return new SpooledAct(EventKind::View, [$this->placement->code], 'IE', Device::Phone, app(Clock::class)->now()->getTimestamp());
    }

    /**
     * @param  array<string, mixed>  $sent
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    private function seen(array $sent, array $headers = []): TestResponse
    {
        return $this->post("{$this->shop->base()}/embed/seen", $sent, $headers + ['Origin' => 'http://blog.example']);
    }
}
