<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Process\InvokedProcess;
use Illuminate\Support\Facades\Process;
use PDO;
use RuntimeException;

/** Paper Kite on a database of its own in which there is nobody, served beside the servers of the tests. */
final readonly class EmptyInstallation
{
    private const WAITED_TENTHS = 200;

    private function __construct(
        private string $database,
        public int $port,
        private InvokedProcess $server,
    ) {}

    public static function start(string $database): self
    {
        self::administrator()->exec("DROP DATABASE IF EXISTS {$database}; CREATE DATABASE {$database} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; GRANT ALL ON {$database}.* TO 'paper_kite'@'127.0.0.1'");
        $port = self::freePort();
        Process::env(self::environment($database, $port))->run([PHP_BINARY, 'artisan', 'migrate', '--force'])->throw();
        $root = dirname(__DIR__, 2);
        $server = Process::path("{$root}/public")->forever()->env(self::environment($database, $port) + ['PHP_CLI_SERVER_WORKERS' => '4'])
            ->start(['setsid', PHP_BINARY, '-S', "127.0.0.1:{$port}", "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"]);
        $started = new self($database, $port, $server);
        $started->waitForIt();

        return $started;
    }

    public function word(): string
    {
        return trim(Process::env(self::environment($this->database, $this->port))->run([PHP_BINARY, 'artisan', 'install:word'])->throw()->output());
    }

    public function stop(): void
    {
        // Its workers do not end with it; they stand in one session with it, which ends as a whole.
        $session = $this->server->id();
        if ($session !== null) {
            posix_kill(-$session, SIGTERM);
        }
        $this->server->stop(2);
        self::administrator()->exec("DROP DATABASE {$this->database}");
    }

    private function waitForIt(): void
    {
        for ($tenth = 0; $tenth < self::WAITED_TENTHS; $tenth++) {
            $socket = @fsockopen('127.0.0.1', $this->port, timeout: 1);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(100_000);
        }
        throw new RuntimeException('The empty installation did not start: '.$this->server->errorOutput());
    }

    /** @return array<string, string> */
    private static function environment(string $database, int $port): array
    {
        return ['DB_DATABASE' => $database, 'KITE_PUBLIC_PORT' => (string) $port, 'SESSION_DRIVER' => 'database', 'CACHE_STORE' => 'apc'];
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    private static function administrator(): PDO
    {
        return new PDO('mysql:unix_socket='.getenv('KITE_DB_SOCKET'), 'root', options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
