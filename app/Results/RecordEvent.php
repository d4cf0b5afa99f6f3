<?php

declare(strict_types=1);

namespace App\Results;

use App\Database\Contention;
use App\Database\Rows;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;

/** Writes events down. A sale is worth more than its count: where that can't be written, the shopper goes on. */
final readonly class RecordEvent
{
    /** @param  Closure(QueryException): void  $report  tells the operator of what could not be written */
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private Closure $report,
    ) {}

    public function __invoke(Event ...$events): void
    {
        $this->at($this->clock->now(), ...$events);
    }

    public function at(CarbonImmutable $moment, Event ...$events): void
    {
        $rows = array_merge(...array_map(static fn (Event $event): array => EventRows::of($event, $moment), array_values($events)));
        if ($rows === []) {
            return;
        }
        try {
            Rows::insert($this->db, 'events', $rows);
        } catch (QueryException $failure) {
            // What ends the transaction is the transaction's to answer.
            if (Contention::of($failure) !== null) {
                throw $failure;
            }
            ($this->report)($failure);
        }
    }
}
