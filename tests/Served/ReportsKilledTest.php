<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\PartnerReport;
use App\Models\PartnerSale;
use App\Models\ReportState;
use App\PartnerReports\ReadReport;
use Illuminate\Database\DatabaseManager;

/** Readers of a report that are killed again and again, beside others and beside who takes it back: each row counts once. */
final class ReportsKilledTest extends ServedTestCase
{
    private const ROWS = 12_000;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/paper-kite-reports-'.bin2hex(random_bytes(6));
        config(['kite.reports' => $this->folder]);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_every_row_counts_once_however_often_its_reader_dies(): void
    {
        $marketplace = $this->marketplace($this->shop, ['currency' => 'EUR']);
        $code = $this->placement($this->offer($this->partnerProduct($this->shop, [], $marketplace)))->code;
        $csv = "Date;Sub ID;Item;Commission;Order\n";
        for ($row = 1; $row <= self::ROWS; $row++) {
            $csv .= sprintf("2026-05-%02d;%s;90210;0.%02d;R-%d\n", $row % 28 + 1, $code, $row % 100, $row);
        }
        $report = $this->report($marketplace, $csv);
        $report->update(['state' => ReportState::Reading]);
        for ($kills = 0; $kills < 8 && $this->stateOf($report) === ReportState::Reading; $kills++) {
            $readers = [$this->reader($report), $this->reader($report)];
            usleep(random_int(300_000, 900_000));
            foreach ($readers as $pid) {
                posix_kill($pid, SIGKILL);
                pcntl_waitpid($pid, $status);
            }
            app(DatabaseManager::class)->reconnect();
            self::assertSame($this->stateOf($report) === ReportState::Done ? self::ROWS : 0, PartnerSale::query()->where(['report_id' => $report->id, 'stands' => 'counts'])->count(), 'It counts as a whole, or not at all.');
        }
        while ((app(ReadReport::class))($report->id)) {
        }

        self::assertSame([self::ROWS, self::ROWS], [PartnerSale::query()->where('report_id', $report->id)->count(), PartnerSale::query()->where(['report_id' => $report->id, 'stands' => 'counts'])->count()]);
        self::assertEquals(intdiv(self::ROWS, 100) * 4_950, PartnerSale::query()->where('report_id', $report->id)->sum('commission_minor'));
    }

    /** @phpstan-impure */
    private function stateOf(PartnerReport $report): ReportState
    {
        return PartnerReport::query()->findOrFail($report->id)->state;
    }

    /** @return int the number of a process that reads until it is killed, or there is nothing more to read */
    private function reader(PartnerReport $report): int
    {
        $pid = pcntl_fork();
        if ($pid === 0) {
            try {
                app(DatabaseManager::class)->reconnect();
                while ((app(ReadReport::class))($report->id)) {
                }
            } finally {
                posix_kill(posix_getpid(), SIGKILL);
            }
        }

        return $pid;
    }
}
