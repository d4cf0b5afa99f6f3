<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Time\MachineClock;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Reads a report in the queue, for some seconds at a time, so that others have their turn. */
final class ReadReportJob implements ShouldQueue
{
    use Queueable;

    private const SECONDS = 10;

    public int $tries = 20;

    public function __construct(private readonly int $reportId)
    {
        $this->onQueue('copies');
    }

    public function handle(ReadReport $read, MachineClock $machine): void
    {
        $end = $machine->seconds() + self::SECONDS;
        do {
            $isMore = $read($this->reportId);
        } while ($isMore && $machine->seconds() < $end);
        if ($isMore) {
            self::dispatch($this->reportId);
        }
    }
}
