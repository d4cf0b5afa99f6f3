<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\ConnectionInterface;

/** A lock that the connection to the database holds under a name, for all machines alike: whoever dies lets go of it. */
final readonly class NamedLock
{
    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  string  $name  64 characters at most
     * @param  int  $seconds  that others are waited for
     */
    public function take(string $name, int $seconds): bool
    {
        return $this->ask('SELECT GET_LOCK(?, ?) AS answer', [$name, $seconds]) === 1;
    }

    public function isTaken(string $name): bool
    {
        return $this->ask('SELECT IS_FREE_LOCK(?) AS answer', [$name]) === 0;
    }

    public function release(string $name): void
    {
        $this->ask('SELECT RELEASE_LOCK(?) AS answer', [$name]);
    }

    /** @param  list<string|int>  $bindings */
    private function ask(string $sql, array $bindings): ?int
    {
        $row = $this->db->selectOne($sql, $bindings);

        return is_object($row) && isset($row->answer) && is_int($row->answer) ? $row->answer : null;
    }
}
