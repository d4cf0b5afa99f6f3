<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\PartnerReports\SweepReports;
use Illuminate\Console\Command;

final class ReportsSweep extends Command
{
    protected $signature = 'reports:sweep';

    protected $description = 'Clears away reports that nobody has read, and has those read on that were left lying';

    public function handle(SweepReports $sweep): int
    {
        $sweep();

        return self::SUCCESS;
    }
}
