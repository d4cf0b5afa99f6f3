<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\NamedLock;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\EventMutex;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;

/**
 * What is due every minute and takes longer, as the words of a hundred thousand imported goods do, is not begun again beside
 * itself. Where the database is away, nothing is said to be running, and nothing that needs it is begun.
 */
final readonly class OneRunAtATime implements EventMutex
{
    private NamedLock $lock;

    public function __construct(private ConnectionInterface $db)
    {
        $this->lock = new NamedLock($db);
    }

    public function create(Event $event): bool
    {
        return $this->answered(fn (): bool => $this->lock->take($this->nameOf($event), 0));
    }

    public function exists(Event $event): bool
    {
        return $this->answered(fn (): bool => $this->lock->isTaken($this->nameOf($event)));
    }

    public function forget(Event $event): void
    {
        $this->answered(function () use ($event): bool {
            $this->lock->release($this->nameOf($event));

            return true;
        });
    }

    /**
     * The scheduler asks for all that is due before it begins any of it: a database that is away must not keep it from what
     * goes on without one.
     *
     * @param  callable(): bool  $ask
     */
    private function answered(callable $ask): bool
    {
        try {
            return $ask();
        } catch (QueryException) {
            return false;
        }
    }

    /** A server may hold several installations, in a database each. */
    private function nameOf(Event $event): string
    {
        return hash('xxh128', "{$this->db->getDatabaseName()} {$event->mutexName()}");
    }
}
