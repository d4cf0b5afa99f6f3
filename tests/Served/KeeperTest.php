<?php

declare(strict_types=1);

namespace Tests\Served;

use PHPUnit\Framework\TestCase;

/** What keeps the servers up, and takes them along when its script is gone: tried on programs that do nothing. */
final class KeeperTest extends TestCase
{
    private string $folder;

    /** @var list<resource> */
    private array $scripts = [];

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kite-keeper-'.bin2hex(random_bytes(6));
        mkdir("{$this->folder}/run/log", 0o755, true);
    }

    protected function tearDown(): void
    {
        foreach ($this->pids('server', 'other') as $pid) {
            array_map(static fn (int $one): bool => posix_kill($one, SIGKILL), [$pid, ...self::below($pid)]);
        }
        foreach ($this->scripts as $script) {
            proc_terminate($script, SIGKILL);
            proc_close($script);
        }
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_a_server_that_dies_is_started_again_with_its_workers_gone(): void
    {
        $this->script('launch server '.self::SERVER.'; while :; do sleep 0.2 9>&- & wait $!; mend_keepers; done');
        [$keeper, $server] = $this->untilRunning();
        $worker = $this->workerOf($server);

        posix_kill($server, SIGKILL);
        $this->until(fn (): bool => ($this->pids('server')[1] ?? $server) !== $server && ! self::isAlive($worker));
        self::assertSame($keeper, $this->pids('server')[0]);

        // And when the keeper itself is killed.
        $server = $this->pids('server')[1];
        posix_kill($keeper, SIGKILL);
        $this->until(fn (): bool => ($this->pids('server')[0] ?? $keeper) !== $keeper && ! self::isAlive($server));
    }

    public function test_nothing_outlives_a_script_that_is_killed(): void
    {
        $script = $this->script('launch server '.self::SERVER.'; launch other '.self::SERVER.'; while :; do sleep 1 9>&- & wait $!; done');
        $pids = [...$this->untilRunning(), ...$this->untilRunning('other')];
        $pids[] = $this->workerOf($pids[1]);

        posix_kill($script, SIGKILL);
        $this->until(static fn (): bool => array_filter($pids, self::isAlive(...)) === []);
    }

    public function test_what_an_earlier_run_left_is_named_and_ended(): void
    {
        $script = $this->script('launch server '.self::SERVER.'; while :; do sleep 1 9>&- & wait $!; done');
        [$keeper, $server] = $this->untilRunning();
        $worker = $this->workerOf($server);
        posix_kill($script, SIGSTOP);
        posix_kill($keeper, SIGKILL);
        posix_kill($script, SIGKILL);
        self::assertTrue(self::isAlive($server));

        $said = $this->said('end_leftovers');
        self::assertStringContainsString('Ending what an earlier run of this folder left running: ', $said);
        $this->until(static fn (): bool => ! self::isAlive($server) && ! self::isAlive($worker));
        self::assertSame('', $this->said('end_leftovers'));
    }

    public function test_the_second_script_of_a_folder_touches_nothing(): void
    {
        $this->script('while :; do sleep 1 9>&- & wait $!; done');
        $this->until(fn (): bool => is_file("{$this->folder}/run.owner"));

        self::assertStringContainsString('Paper Kite runs from this folder already (process ', $this->said('echo touched'));
        self::assertStringNotContainsString('touched', $this->said('echo touched'));
    }

    public function test_a_log_that_has_grown_is_put_aside_while_its_server_goes_on_writing(): void
    {
        $log = "{$this->folder}/run/log/server.log";
        $this->script('LARGEST_LOG=1000; launch server bash -c '.escapeshellarg('while :; do echo line of the server; sleep 0.01; done').'; while :; do sleep 0.3 9>&- & wait $!; rotate_logs; done');
        $this->until(static fn (): bool => is_file("{$log}.1"));
        clearstatcache();
        $this->until(static fn (): bool => str_starts_with((string) file_get_contents($log), 'line of the server'));
    }

    /** A server with a worker, in a session of its own, as php-fpm begins one. */
    private const SERVER = "setsid --wait bash -c 'sleep 1000 & echo \$! > \"\$0.worker\"; wait' \"\$RUN/\$\$\"";

    /** @return int its process */
    private function script(string $body): int
    {
        $script = proc_open(['bash', '-c', $this->prelude().$body], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        self::assertIsResource($script);
        $this->scripts[] = $script;

        return proc_get_status($script)['pid'];
    }

    private function said(string $body): string
    {
        return (string) shell_exec('bash -c '.escapeshellarg($this->prelude().$body).' 2>&1');
    }

    private function prelude(): string
    {
        $root = dirname(__DIR__, 2);

        return "ROOT={$root}; RUN={$this->folder}/run; PORT=1; . {$root}/bin/lib/machine.sh; . {$root}/bin/lib/servers.sh; take_folder; ";
    }

    /** @return array{int, int} keeper and server */
    private function untilRunning(string $name = 'server'): array
    {
        $this->until(fn (): bool => count($this->pids($name)) === 2);
        $pids = $this->pids($name);

        return [$pids[0], $pids[1]];
    }

    private function workerOf(int $server): int
    {
        $found = static fn (): string => trim((string) shell_exec("cat /proc/{$server}/task/{$server}/children"));
        $this->until(static fn (): bool => $found() !== '');
        $child = (int) $found();
        $grandchildren = trim((string) shell_exec("cat /proc/{$child}/task/{$child}/children"));

        return $grandchildren === '' ? $child : (int) $grandchildren;
    }

    /** @return list<int> the processes that it has begun, and those that they have */
    private static function below(int $pid): array
    {
        $children = array_map(intval(...), preg_split('/\s+/', (string) @file_get_contents("/proc/{$pid}/task/{$pid}/children"), -1, PREG_SPLIT_NO_EMPTY) ?: []);

        return [...$children, ...array_merge(...array_map(self::below(...), $children))];
    }

    /** @return list<int> */
    private function pids(string ...$names): array
    {
        $pids = [];
        foreach ($names as $name) {
            $file = "{$this->folder}/run.sessions/{$name}";
            array_push($pids, ...array_map(intval(...), is_file($file) ? preg_split('/\\s+/', trim((string) @file_get_contents($file)), -1, PREG_SPLIT_NO_EMPTY) ?: [] : []));
        }

        return $pids;
    }

    private static function isAlive(int $pid): bool
    {
        $stat = @file_get_contents("/proc/{$pid}/stat");

        return is_string($stat) && preg_match('/\) [^Z]/', $stat) === 1;
    }

    /** @param  callable(): bool  $isSo */
    private function until(callable $isSo): void
    {
        for ($tenth = 0; $tenth < 200; $tenth++) {
            if ($isSo()) {
                $this->addToAssertionCount(1);

                return;
            }
            usleep(100_000);
        }
        self::fail('It never came to be.');
    }
}
