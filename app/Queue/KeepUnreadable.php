<?php

declare(strict_types=1);

namespace App\Queue;

use App\Operator\TellOperator;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Queue\Jobs\DatabaseJob;
use Illuminate\Support\Str;

/**
 * What to do with a job that can't be read: garbage, or a class that this release does not have. The next release may
 * have it, so that it is tried a few times; then it is kept among the failed jobs, and the operator is told.
 */
final readonly class KeepUnreadable
{
    /** Seconds before the next try. */
    private const PAUSES = [10, 60, 300, 900];

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private TellOperator $tell,
    ) {}

    public function __invoke(DatabaseJob $job): void
    {
        $pause = self::PAUSES[$job->attempts() - 1] ?? null;
        if ($pause !== null) {
            $job->release($pause);

            return;
        }
        // Its own handlers can't be asked: they are what can't be read.
        $this->db->table('failed_jobs')->insert([
            'uuid' => (string) Str::uuid(), 'connection' => $job->getConnectionName(), 'queue' => $job->getQueue(), 'payload' => $job->getRawBody(),
            'exception' => 'This release can’t read the job.', 'failed_at' => $this->clock->now(),
        ]);
        $job->delete();
        ($this->tell)("A job of the queue “{$job->getQueue()}” can’t be read by this release. It is kept among the failed jobs (php artisan queue:failed); once the release that knows it is back, queue:retry runs it.");
    }
}
