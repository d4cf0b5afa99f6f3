<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Results\Spool;
use App\Results\SpooledAct;
use App\Time\Clock;
use Illuminate\Support\Facades\Process;
use PaperKite\Link\Device;
use PaperKite\Results\EventKind;

/** Views that several processes append at once, while whoever writes them into the database is killed again and again. */
final class SpoolStormTest extends ServedTestCase
{
    private const WRITERS = 8;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/paper-kite-spool-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_each_view_is_in_the_database_once(): void
    {
        $placement = $this->placement($this->offer($this->product($this->shop)), 'a page', ['medium' => 'widget']);
        $views = (int) (getenv('KITE_STORM_VIEWS') ?: 3000);
        $writers = [];
        for ($writer = 0; $writer < self::WRITERS; $writer++) {
            $writers[] = $this->beside(fn () => $this->append($placement->code, intdiv($views, self::WRITERS)));
        }
        $kills = 0;
        while (array_filter($writers, static fn (int $pid): bool => pcntl_waitpid($pid, $status, WNOHANG) === 0) !== [] || $kills < 6) {
            $worker = Process::env($this->environment())->start([PHP_BINARY, 'artisan', 'counts:write']);
            usleep(random_int(80_000, 320_000));
            if ($worker->running()) {
                $worker->signal(SIGKILL);
                $kills++;
            }
            $worker->wait();
        }
        Process::env($this->environment())->run([PHP_BINARY, 'artisan', 'counts:write'])->throw();

        self::assertSame(intdiv($views, self::WRITERS) * self::WRITERS, $this->writtenActs($this->shop, EventKind::View));
    }

    public function test_the_first_who_come_at_once_are_all_counted(): void
    {
        for ($time = 0; $time < 20; $time++) {
            exec('rm -rf '.escapeshellarg($this->folder));
            $begin = microtime(true) + 0.1;
            $writers = [];
            for ($writer = 0; $writer < 2 * self::WRITERS; $writer++) {
                $writers[] = $this->beside(function () use ($begin): void {
                    usleep(max(0, (int) (($begin - microtime(true)) * 1_000_000)));
                    $this->append('code', 1);
                });
            }
            foreach ($writers as $pid) {
                pcntl_waitpid($pid, $status);
            }
            $lines = array_merge(...array_map(static fn (string $file): array => file($file) ?: [], glob("{$this->folder}/*.spool") ?: []));
            self::assertCount(2 * self::WRITERS, $lines);
        }
    }

    /** @return int the number of a process that does it and ends, whatever comes of it: none goes on to the tests after this */
    private function beside(callable $act): int
    {
        $pid = pcntl_fork();
        if ($pid === 0) {
            try {
                $act();
            } finally {
                posix_kill(posix_getpid(), SIGKILL);
            }
        }

        return $pid;
    }

    private function append(string $code, int $views): void
    {
        $spool = new Spool($this->folder, app(Clock::class));
        for ($view = 0; $view < $views; $view++) {
            $spool->append(new SpooledAct(EventKind::View, [$code], 'IE', Device::Phone, app(Clock::class)->now()->getTimestamp()));
            usleep(random_int(0, 8000));
        }
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['KITE_SPOOL' => $this->folder, 'DB_DATABASE' => (string) getenv('KITE_SERVED_DATABASE')];
    }
}
