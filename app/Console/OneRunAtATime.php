<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\EventMutex;
use Illuminate\Database\ConnectionInterface;

/**
 * What is due every minute and takes longer, as the words of a hundred thousand imported goods do, is not begun again beside
 * itself. The lock is held by the scheduler's connection to the database: on all machines together, and let go of by whoever dies.
 */
final readonly class OneRunAtATime implements EventMutex
{
    public function __construct(private ConnectionInterface $db) {}

    public function create(Event $event): bool
    {
        return $this->answers('SELECT GET_LOCK(?, 0) AS answer', $event, 1);
    }

    public function exists(Event $event): bool
    {
        return $this->answers('SELECT IS_FREE_LOCK(?) AS answer', $event, 0);
    }

    public function forget(Event $event): void
    {
        $this->answers('SELECT RELEASE_LOCK(?) AS answer', $event, 1);
    }

    private function answers(string $sql, Event $event, int $expected): bool
    {
        // A server may hold several installations, in a database each.
        $row = $this->db->selectOne($sql, [hash('xxh128', "{$this->db->getDatabaseName()} {$event->mutexName()}")]);

        return is_object($row) && isset($row->answer) && $row->answer === $expected;
    }
}
