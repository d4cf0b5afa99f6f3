<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\ConnectionInterface;

/** Does work under a name that only one does at a time, on however many machines. Whoever dies lets go of it. */
final readonly class OneAtATime
{
    private const PATIENCE_SECONDS = 20;

    public function __construct(private ConnectionInterface $db) {}

    /**
     * @template T
     *
     * @param  string  $name  64 characters at most
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws Busy when others were at it for too long
     */
    public function __invoke(string $name, Closure $work): mixed
    {
        if ($this->ask('SELECT GET_LOCK(?, ?) AS answer', [$name, self::PATIENCE_SECONDS]) !== 1) {
            throw Busy::with($name);
        }
        try {
            return $work();
        } finally {
            $this->ask('SELECT RELEASE_LOCK(?) AS answer', [$name]);
        }
    }

    /** @param  list<string|int>  $bindings */
    private function ask(string $sql, array $bindings): ?int
    {
        $row = $this->db->selectOne($sql, $bindings);

        return is_object($row) && isset($row->answer) && is_int($row->answer) ? $row->answer : null;
    }
}
