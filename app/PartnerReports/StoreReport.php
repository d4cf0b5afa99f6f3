<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\Marketplace;
use App\Models\PartnerReport;
use App\Models\Person;
use App\Models\ReportState;
use PaperKite\Partner\Report\ReportLayout;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\RowReader;
use PaperKite\Sheet\Separator;

/** Takes the file of a report in, and finds out how it is written. Nothing of it counts before its columns are said. */
final readonly class StoreReport
{
    public const LARGEST = 10 * 1024 * 1024;

    private const LONGEST_NAME = 190;

    public function __construct(private ReportFiles $files) {}

    /**
     * @param  string  $path  of the uploaded file
     *
     * @throws UnusableReport
     */
    public function __invoke(Marketplace $marketplace, string $path, string $name, ?Person $by): PartnerReport
    {
        if ((int) @filesize($path) > self::LARGEST) {
            throw UnusableReport::tooLarge();
        }
        $file = $this->files->keep($path);
        try {
            $start = $this->files->start($file);
            $report = new PartnerReport(['shop_id' => $marketplace->shop_id, 'marketplace_id' => $marketplace->id, 'person_id' => $by?->id, 'name' => mb_substr(mb_scrub(basename($name), 'UTF-8'), 0, self::LONGEST_NAME, 'UTF-8'), 'file' => $file, 'state' => ReportState::New]);
            $encoding = Encoding::detect($start);
            // What is packed, or a picture, has bytes that no text has.
            if ($encoding->unit() === 1 && str_contains($start, "\0") || str_starts_with($start, "PK\x03\x04")) {
                throw UnusableReport::noSheet();
            }
            $this->written($report, $encoding, null);
            $report->setRelation('marketplace', $marketplace)->save();

            return $report;
        } catch (UnusableReport $unusable) {
            $this->files->remove($file);
            throw $unusable;
        }
    }

    /**
     * In another encoding, or with another separator, than was found out.
     *
     * @throws UnusableReport
     */
    public function again(PartnerReport $report, Encoding $encoding, Separator $separator): void
    {
        $this->written($report, $encoding, $separator);
        $report->save();
    }

    /** How it begins, as it is written now. */
    public function start(PartnerReport $report): ReportStart
    {
        return ReportStart::of(new RowReader($this->files->open($report->file), $report->separator));
    }

    private function written(PartnerReport $report, Encoding $encoding, ?Separator $separator): void
    {
        $report->encoding = $encoding;
        $report->bytes = $this->files->convert($report->file, $encoding);
        $report->separator = $separator ?? Separator::detect((string) fread($this->files->open($report->file), 16_384));
        $start = $this->start($report);
        $remembered = $report->marketplace->partner->report_layout;
        $report->header = $start->header;
        $report->layout = $remembered !== null && $remembered->errors($start->header) === [] ? $remembered : ReportLayout::guess($start->header, $start->rows);
        $report->read_to = $start->from;
        $report->next_row = $start->number;
    }
}
