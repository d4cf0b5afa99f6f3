<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Database\InTransaction;
use App\Models\PartnerReport;
use App\Models\ReportState;
use App\Models\SaleStands;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use LogicException;
use PaperKite\Money\Currency;
use PaperKite\Partner\Report\Candidate;
use PaperKite\Partner\Report\Credit;
use PaperKite\Partner\Report\ReadSale;
use PaperKite\Partner\Report\RowFault;
use PaperKite\Partner\Report\Sale;
use PaperKite\Sheet\Row;
use PaperKite\Sheet\RowReader;

/**
 * Reads a report on from where it was left, some rows at a time. How far it has come stands in the transaction that writes
 * its rows: whatever is killed, none is lost and none comes twice. All of it counts at once, when it is read to its end.
 */
final readonly class ReadReport
{
    private const AT_ONCE = 500;

    private const LONGEST_CELLS = 1_000;

    public function __construct(
        private InTransaction $inTransaction,
        private ConnectionInterface $db,
        private ReportFiles $files,
        private LoadCrediting $crediting,
        private SettleSales $settle,
        private Clock $clock,
    ) {}

    /** @return bool whether there is more to read */
    public function __invoke(int $reportId): bool
    {
        return ($this->inTransaction)(function () use ($reportId): bool {
            $report = PartnerReport::query()->whereKey($reportId)->lockForUpdate()->with(['marketplace'])->first();
            if ($report === null || $report->state !== ReportState::Reading) {
                return false;
            }
            $rows = $this->rows($report);
            $this->write($report, array_values(array_filter($rows, static fn (Row $row): bool => ! $row->isBlank())));
            $last = end($rows);
            if ($last !== false) {
                $report->fill(['read_to' => $last->end, 'next_row' => $last->number + 1])->save();
            }
            if (count($rows) === self::AT_ONCE) {
                return true;
            }
            $report->fill(['state' => ReportState::Done, 'finished_at' => $this->clock->now()])->save();
            $this->settle->of($report->marketplace_id);

            return false;
        });
    }

    /** @return list<Row> */
    private function rows(PartnerReport $report): array
    {
        $rows = [];
        foreach ((new RowReader($this->files->open($report->file), $report->separator))->rows($report->read_to, $report->next_row) as $row) {
            $rows[] = $row;
            if (count($rows) === self::AT_ONCE) {
                break;
            }
        }

        return $rows;
    }

    /** @param  list<Row>  $rows */
    private function write(PartnerReport $report, array $rows): void
    {
        $layout = $report->layout ?? throw new LogicException('A report is read by its columns.');
        $reader = new ReadSale($layout->places($report->header), $layout, Currency::of($report->marketplace->currency));
        $sales = $faults = [];
        foreach ($rows as $row) {
            $read = $reader->of($row);
            if ($read instanceof Sale) {
                $sales[$row->number] = $read;
            } else {
                $faults[] = self::fault($report, $row, $read);
            }
        }
        [$crediting, $clicks] = ($this->crediting)($report->marketplace, array_values($sales));
        $this->db->table('partner_report_faults')->insert($faults);
        $this->db->table('partner_sales')->insert(array_map(
            static function (Sale $sale, int $number) use ($report, $crediting, $clicks): array {
                $credit = $crediting->of($sale, $clicks);

                return self::row($report, $sale, $number, $credit, $crediting->productOf($sale, $credit));
            },
            array_values($sales),
            array_keys($sales),
        ));
    }

    /** @return array<string, int|string|bool> */
    private static function fault(PartnerReport $report, Row $row, RowFault $fault): array
    {
        return ['report_id' => $report->id, 'row_number' => $row->number, 'sentence' => mb_substr($fault->sentence, 0, 400, 'UTF-8'), 'is_totals' => $fault->isTotals, 'cells' => mb_substr(implode(' | ', $row->cells), 0, self::LONGEST_CELLS, 'UTF-8')];
    }

    /** @return array<string, int|string|null> */
    private static function row(PartnerReport $report, Sale $sale, int $number, Credit $credit, int $productId): array
    {
        return [
            'shop_id' => $report->shop_id, 'marketplace_id' => $report->marketplace_id, 'report_id' => $report->id, 'row_number' => $number, 'stands' => SaleStands::Waiting->value,
            'day' => $sale->day->text(), 'hour' => $sale->hour, 'sub_id' => $sale->subId, 'item' => $sale->item, 'category' => $sale->category, 'reference' => $sale->reference,
            'quantity' => $sale->quantity, 'amount_minor' => $sale->amount?->minor, 'commission_minor' => $sale->commission->minor, 'currency' => $sale->commission->currency->code,
            'content' => $sale->digest(), 'sale_key' => $sale->key(), 'credited_by' => $credit->by->value, 'why' => $credit->why?->value,
            'placement_id' => $credit->place->placementId ?? 0, 'label_id' => $credit->place->labelId ?? 0, 'surface' => $credit->place->surface ?? '', 'product_id' => $productId,
            'candidates' => $credit->candidates === [] ? null : json_encode(array_map(static fn (Candidate $each): array => ['placement' => $each->place->placementId, 'label' => $each->place->labelId, 'surface' => $each->place->surface, 'clicks' => $each->clicks], $credit->candidates), JSON_THROW_ON_ERROR),
        ];
    }
}
