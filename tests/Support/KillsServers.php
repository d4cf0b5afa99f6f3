<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** Ends the running servers of the tests as a machine that fails does: at once, in the middle of whatever they do. */
trait KillsServers
{
    /** @var list<array{resource, list<int>}> each with whom it ends */
    private array $killers = [];

    /** @param  list<int>  $processes */
    private function kill(array $processes): void
    {
        array_map(static fn (int $id): bool => posix_kill($id, SIGKILL), $processes);
    }

    /**
     * From beside, while this process waits for what it has asked.
     *
     * @param  list<int>  $processes
     */
    private function killIn(int $milliseconds, array $processes): void
    {
        $killer = proc_open(['sh', '-c', sprintf('sleep %.3F; kill -9 %s 2>/dev/null', $milliseconds / 1000, implode(' ', $processes))], [], $pipes);
        if ($killer === false) {
            throw new RuntimeException('Nobody could be begun who ends the servers.');
        }
        $this->killers[] = [$killer, $processes];
    }

    /** Until whoever was to be ended is gone: what is asked from then on is not in the middle of it. */
    private function killersAreDone(): void
    {
        foreach ($this->killers as [$killer, $processes]) {
            proc_close($killer);
            // One that has its signal may still take up a request before it hears of it.
            while (array_filter($processes, static fn (int $id): bool => posix_kill($id, 0)) !== []) {
                usleep(10_000);
            }
        }
        $this->killers = [];
    }

    /** @return list<int> */
    private function database(): array
    {
        $port = config()->string('database.connections.mariadb.port');
        $servers = array_filter(self::commands(), static fn (array $command): bool => basename($command[0]) === 'mariadbd' && in_array("--port={$port}", $command, true));

        return $servers === [] ? throw new RuntimeException('The database server of the tests is not running.') : array_keys($servers);
    }

    /** @return list<int> every process that serves requests; where one ends, its master begins another */
    private function workers(): array
    {
        $master = self::master();

        return array_map(intval(...), preg_split('/\s+/', (string) @file_get_contents("/proc/{$master}/task/{$master}/children"), flags: PREG_SPLIT_NO_EMPTY) ?: []);
    }

    /** @return int of what begins the processes that serve requests, and holds the memory that they share */
    private static function master(): int
    {
        $port = (int) config()->string('database.connections.mariadb.port') + 1;
        $masters = array_filter(self::commands(), static fn (array $command): bool => preg_match('~^php-fpm: master process \((.+)\)~', $command[0], $found) === 1
            && str_contains((string) @file_get_contents($found[1]), "listen = 127.0.0.1:{$port}\n"));

        return array_key_first($masters) ?? throw new RuntimeException('No php-fpm of the tests is running.');
    }

    /** @return array<int, non-empty-list<string>> of every process, by its id */
    private static function commands(): array
    {
        $commands = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $commands[(int) basename(dirname($file))] = explode("\0", (string) @file_get_contents($file));
        }

        return $commands;
    }
}
