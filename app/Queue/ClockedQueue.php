<?php

declare(strict_types=1);

namespace App\Queue;

use App\Time\Clock;
use DateInterval;
use DateTimeInterface;
use Illuminate\Database\Connection;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\Jobs\DatabaseJob;

/**
 * The database's queue on the shops' clock: what is to be done in an hour is due once the demo has moved on by one. A
 * job that can't be read never reaches the worker, which would try it for ever.
 */
final class ClockedQueue extends DatabaseQueue
{
    public function __construct(
        private readonly Clock $clock,
        private readonly KeepUnreadable $keep,
        Connection $database,
        string $table,
        string $default,
        int $retryAfter,
    ) {
        parent::__construct($database, $table, $default, $retryAfter);
    }

    /** @param  string|null  $queue */
    public function pop($queue = null): ?DatabaseJob
    {
        $job = parent::pop($queue);
        if (! $job instanceof DatabaseJob || ReadableJob::is($job->getRawBody())) {
            return $job instanceof DatabaseJob ? $job : null;
        }
        ($this->keep)($job);

        return null;
    }

    /** @param  DateTimeInterface|DateInterval|int|null  $delay */
    protected function availableAt($delay = 0): int
    {
        $delay = $this->parseDateInterval($delay ?? 0);

        return $delay instanceof DateTimeInterface ? $delay->getTimestamp() : $this->currentTime() + (int) $delay;
    }

    protected function currentTime(): int
    {
        return (int) $this->clock->now()->getTimestamp();
    }
}
