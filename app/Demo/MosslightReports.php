<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Marketplace;
use App\Models\ReportState;
use App\PartnerReports\ReadReport;
use App\PartnerReports\StoreReport;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Results\EventKind;

/** What two made-up marketplaces report of the last ninety days: one names places by sub-ID, the other only items and days. */
final readonly class MosslightReports
{
    /** Of so many clicks, one buys. */
    private const ONE_OF = 12;

    private const DAYS_WITHOUT = 3;

    public function __construct(
        private ConnectionInterface $db,
        private StoreReport $store,
        private ReadReport $read,
        private Clock $clock,
    ) {}

    /** @param  array<string, Marketplace>  $marketplaces  by name */
    public function load(array $marketplaces): void
    {
        $this->take($marketplaces['Wicker Lane Ireland'], 'wicker-lane-ireland.csv', $this->lane($marketplaces['Wicker Lane Ireland']));
        $this->take($marketplaces['Nordkai Germany'], 'nordkai-verkaeufe.csv', $this->kaj($marketplaces['Nordkai Germany']));
    }

    private function lane(Marketplace $marketplace): string
    {
        $rows = "Date,Sub ID,Item,Category,Quantity,Amount,Commission,Order\n";
        $sum = 0;
        foreach ($this->clicks($marketplace) as $number => [$day, $code]) {
            // Every fourth buys something else in the same basket.
            [$item, $cents, $commission] = $number % 4 === 3 ? ['w500', 5800, 174] : ['w204', 4600, 184];
            $rows .= sprintf("%s,%s,%s,Lamps,1,%d.%02d,%d.%02d,WL-%d\n", $day, $number === 5 ? 'someone-else' : $code, $item, intdiv($cents, 100), $cents % 100, intdiv($commission, 100), $commission % 100, 4100 + $number);
            $sum += $commission;
            if ($number === 2) {
                $rows .= "{$day},{$code},{$item},Lamps,-1,-46.00,-1.84,WL-4102\n";
                $sum -= 184;
            }
        }

        return $rows.sprintf("Total,,,,,,%d.%02d,\n", intdiv($sum, 100), $sum % 100);
    }

    private function kaj(Marketplace $marketplace): string
    {
        $rows = "Datum;Artikelnummer;Warengruppe;Umsatz;Vergütung;Bestellnummer\n";
        foreach ($this->clicks($marketplace) as $number => [$day]) {
            $written = implode('.', array_reverse(explode('-', $day)));
            $rows .= $number === 1 ? "{$written};9,0333E+4;Wolle;87,88 €;4,39 €;NK-{$number}\n" : "{$written};90333;Wolle;87,88 €;4,39 €;NK-{$number}\n";
        }

        return mb_convert_encoding($rows.";;Summe;;;\n", 'Windows-1252', 'UTF-8');
    }

    /** @return list<array{string, string}> of every so many clicks the day and the code of the place, the earliest first */
    private function clicks(Marketplace $marketplace): array
    {
        $rows = $this->db->table('events')->join('placements', 'placements.id', '=', 'events.placement_id')
            ->where(['events.shop_id' => $marketplace->shop_id, 'events.marketplace_id' => $marketplace->id, 'events.kind' => EventKind::Lead->value])
            ->where('events.day', '<', $this->clock->now()->subDays(self::DAYS_WITHOUT)->toDateString())
            ->orderBy('events.day')->orderBy('events.id')->get(['events.day', 'placements.code']);
        $bought = [];
        foreach ($rows as $number => $row) {
            /** @var object{day: string, code: string} $row */
            if ($number % self::ONE_OF === 0) {
                $bought[] = [$row->day, $row->code];
            }
        }

        return $bought;
    }

    private function take(Marketplace $marketplace, string $name, string $csv): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'report');
        file_put_contents($path, $csv);
        $report = ($this->store)($marketplace->load('partner'), $path, $name, null);
        unlink($path);
        $marketplace->partner->update(['report_layout' => $report->layout]);
        $report->update(['state' => ReportState::Reading]);
        do {
            $isMore = ($this->read)($report->id);
        } while ($isMore);
    }
}
