<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Marketplace;
use App\Models\PartnerReport;
use App\Models\PartnerSale;
use App\Models\Placement;
use App\Models\Product;
use App\Models\ReportState;
use App\Models\Shop;
use App\PartnerReports\EarningsBy;
use App\PartnerReports\ReadEarnings;
use App\PartnerReports\ReadReport;
use App\PartnerReports\ReadReportJob;
use App\PartnerReports\SweepReports;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\EventGoods;
use App\Results\RecordEvent;
use App\Results\Source;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PaperKite\Link\Device;
use PaperKite\Results\EventKind;
use PaperKite\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** A marketplace's report is taken in, read to its end whatever happens, credited, summed up and taken back. */
final class ReportsTest extends TestCase
{
    private const HEADER = "Date;Sub ID;Item;Amount;Commission;Order\n";

    private Shop $shop;

    private Marketplace $quay;

    private Product $lamp;

    private Placement $place;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->quay = $this->marketplace($this->shop, ['country' => 'IE', 'currency' => 'EUR', 'rates' => [['category' => '', 'rate' => '4', 'from' => '', 'until' => '']]]);
        $this->lamp = $this->partnerProduct($this->shop, [], $this->quay);
        $this->place = $this->placement($this->offer($this->lamp), 'the spring post');
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_report_goes_from_the_file_to_what_each_place_earned(): void
    {
        $code = $this->place->code;
        $csv = "Report of May\n\nDatum;Unter-ID;Artikelnummer;Umsatz;Vergütung\n01.05.2026;{$code};90210;46,00 €;1,84\n02.05.2026;;90210;46,00 €;1,84\n02.05.2026;{$code};90210;-46,00 €;-1,84\nsoon;{$code};90210;1,00;0,10\nSumme;;;46,00;1,84\n";
        $open = $this->post($this->api('/reports'), ['marketplace' => (string) $this->quay->id, 'report' => UploadedFile::fake()->createWithContent('mai.csv', mb_convert_encoding($csv, 'Windows-1252', 'UTF-8'))], ['Accept' => 'application/json'])
            ->assertCreated()->assertJsonPath('layout.encoding', 'Windows-1252')->assertJsonPath('layout.separator', ';')->assertJsonPath('layout.mark', ',')->assertJsonPath('layout.columns.commission', 'Vergütung')
            ->assertJsonPath('trial.rows.0.read', "2026-05-01: item 90210, sub-ID {$code}, €46.00, commission €1.84")->assertJsonPath('trial.rows.3.wrong', '“soon” is no day; say in which order days are written, or choose another column.')->assertJsonPath('trial.rows.4.is_totals', true);
        $report = $open->json('id');
        self::assertIsInt($report);
        $layout = (array) $open->json('layout');

        $this->postJson($this->api("/reports/{$report}/trial"), array_replace_recursive($layout, ['columns' => ['commission' => '']]))->assertOk()->assertJsonPath('errors.commission', 'Choose the column: Commission.');
        $this->postJson($this->api("/reports/{$report}/trial"), ['separator' => '|'] + $layout)->assertUnprocessable()->assertJsonPath('errors.separator.0', 'The rows of this file have one cell each; choose what stands between cells, or take the report as CSV.');
        $this->postJson($this->api("/reports/{$report}/read"), array_replace_recursive($layout, ['columns' => ['day' => 'gone']]))->assertUnprocessable()->assertJsonPath('errors.day.0', 'The report has no column “gone”; choose another.');
        $this->postJson($this->api("/reports/{$report}/trial"), $layout)->assertOk()->assertJsonPath('errors', []);
        $this->postJson($this->api("/reports/{$report}/read"), $layout)->assertOk()->assertJsonPath('state', 'reading');
        $this->postJson($this->api("/reports/{$report}/read"), $layout)->assertOk();
        Queue::assertPushed(ReadReportJob::class, 1);
        $this->readToItsEnd($report);

        $this->getJson($this->api("/reports/{$report}"))->assertOk()
            ->assertJsonPath('report.state', 'done')->assertJsonPath('report.progress', 100)->assertJsonPath('report.sales', 3)->assertJsonPath('report.counted', 3)->assertJsonPath('report.uncredited', 1)->assertJsonPath('report.unread', 1)->assertJsonPath('report.earned', '€1.84')
            ->assertJsonPath('items.0.credited_by', 'nothing')->assertJsonPath('items.0.why', 'Nobody clicked within the time in which the marketplace counts a sale.')->assertJsonPath('items.1.place', 'the spring post')->assertJsonPath('items.1.label', 'By sub-ID')
            ->assertJsonPath('faults.0.row', 7)->assertJsonPath('faults.1.is_totals', true);
        $this->getJson($this->api('/earnings?by=place&from=2026-05-01&until=2026-05-31'))->assertOk()
            ->assertJsonPath('items.0.name', 'Not credited')->assertJsonPath('items.0.commission', '€1.84')->assertJsonPath('items.1.name', 'the spring post')->assertJsonPath('items.1.commission', '€0.00')->assertJsonPath('items.1.refunds', 1);
        $this->getJson($this->api('/earnings?by=month&from=2026-05-01&until=2026-05-31'))->assertJsonPath('items.0.name', 'May 2026')->assertJsonPath('items.0.sales', 2);
        // The next one of this partner has its columns already.
        self::assertSame('Vergütung', $this->report($this->quay, "Unter-ID;Vergütung;Datum;Umsatz;Artikelnummer\nx;1,00;2026-05-01;;\n")->layout?->columns['commission']);
    }

    public function test_by_item_and_time_the_place_with_most_clicks_has_it_and_two_with_as_many_have_it_not(): void
    {
        $other = $this->placement($this->offer($this->lamp), 'the summer post');
        $this->clicked($this->place, '2026-05-01 10:00', 2);
        $this->clicked($other, '2026-05-01 11:00', 1);
        $this->clicked($other, '2026-05-10 11:00', 1);
        $this->clicked($this->place, '2026-05-10 12:00', 1);
        $this->clicked($other, '2026-05-20 11:00', 1);
        $report = $this->readReport(self::HEADER."2026-05-01;;90210;46;1.84;\n2026-05-10;;90210;46;1.84;\n2026-05-21;;90210;46;1.84;\n2026-05-23;;90210;46;1.84;\n");

        $items = $this->getJson($this->api("/reports/{$report}"))->json('items');
        self::assertIsArray($items);
        $told = array_map(static function (mixed $item): string {
            self::assertIsArray($item);
            self::assertIsArray($item['candidates']);

            return implode(' ', array_filter([$item['day'], $item['credited_by'], $item['place'], implode(', ', array_filter($item['candidates'], is_string(...)))], is_string(...)));
        }, $items);
        sort($told);
        self::assertSame([
            '2026-05-01 unsure the spring post the spring post (2 clicks), the summer post (one click)',
            '2026-05-10 nothing  the spring post (one click), the summer post (one click)',
            '2026-05-21 item the summer post the summer post (one click)',
            '2026-05-23 nothing  ',
        ], $told);
        $this->getJson($this->api('/earnings?by=place&from=2026-05-01&until=2026-05-31'))->assertJsonPath('items.0.name', 'Not credited')->assertJsonPath('items.1.clicks', 3)->assertJsonPath('items.1.conversion', '33.3 %')->assertJsonPath('items.1.per_click', 'EUR 0.6133');
    }

    public function test_the_same_report_twice_adds_nothing_a_later_one_corrects_and_taking_back_undoes_it(): void
    {
        $first = self::HEADER."2026-05-01;;90210;46;1.84;R-1\n2026-05-02;;90210;46;1.84;R-2\n2026-05-02;;90210;46;1.84;R-2\n2026-05-03;;90210;-46;-1.84;R-1\n";
        $a = $this->readReport($first);
        self::assertSame(368, $this->earned());
        $b = $this->readReport($first);
        self::assertSame(368, $this->earned(), 'The same adds nothing.');
        $c = $this->readReport(self::HEADER."2026-05-02;;90210;40;1.60;R-2\n2026-05-02;;90210;46;1.84;R-2\n2026-05-09;;90210;10;0.40;R-9\n");
        // The first of the two R-2 was corrected: 1.84 + 1.60 + 1.84 - 1.84 + 0.40.
        self::assertSame(384, $this->earned());
        $d = $this->readReport($first);
        self::assertSame(384, $this->earned(), 'An old report corrects nothing.');

        $this->back($c, true);
        self::assertSame(368, $this->earned());
        $this->back($a, true);
        self::assertSame(368, $this->earned(), 'The others still say the same.');
        $this->back($b, true);
        $this->back($d, true);
        self::assertSame(0, $this->earned());
        foreach ([$a, $b, $c, $d] as $report) {
            $this->back($report, false);
            $this->back($report, false);
        }
        self::assertSame(384, $this->earned());
    }

    public function test_amounts_of_different_currencies_are_never_summed(): void
    {
        $sweden = $this->marketplace($this->shop, ['name' => 'Quay SE', 'hosts' => ['quay-se.example']]);
        $this->readReport(self::HEADER."2026-05-01;{$this->place->code};;46;1.84;\n");
        $this->readReport(self::HEADER."2026-05-01;{$this->place->code};;460;18.40;\n", $sweden);

        $this->getJson($this->api('/earnings?by=place&from=2026-05-01&until=2026-05-31'))->assertJsonCount(2, 'items')
            ->assertJsonPath('items.0.commission', "SEK\u{A0}18.40")->assertJsonPath('items.1.commission', '€1.84');
    }

    public function test_two_hundred_reports_sum_up_as_an_independent_reckoning_has_it(): void
    {
        $chance = new Randomizer(new Mt19937(20260430));
        $places = [$this->place->code, $this->placement($this->offer($this->lamp), 'two')->code, 'foreign', ''];
        $all = $reports = [];
        for ($number = 0; $number < 200; $number++) {
            $rows = [];
            for ($i = $chance->getInt(1, 6); $i > 0; $i--) {
                // One in three is of a sale that was told of before: the same again, or corrected, or twice in one report.
                $row = $all !== [] && $chance->getInt(0, 2) === 0 ? $all[$chance->getInt(0, count($all) - 1)] : ["R-{$number}-{$i}", $places[$chance->getInt(0, 3)], $chance->getInt(-2_000, 9_999)];
                $row[2] = $row[2] > 0 && $chance->getInt(0, 3) === 0 ? $chance->getInt(1, 9_999) : $row[2];
                $all[] = $rows[] = $row;
            }
            $reports[] = $rows;
            $this->readReport(self::HEADER.implode('', array_map(static fn (array $row): string => sprintf("2026-05-05;%s;;;%s%d.%02d;%s\n", $row[1], $row[2] < 0 ? '-' : '', intdiv(abs($row[2]), 100), abs($row[2]) % 100, $row[0]), $rows)));
        }
        $sums = [];
        foreach (self::reckoned($reports) as [$code, $commission]) {
            $by = in_array($code, [$places[0], $places[1]], true) ? $code : 'nothing';
            $sums[$by] = ($sums[$by] ?? 0) + $commission;
        }
        [$read] = app(ReadEarnings::class)->page($this->shop, EarningsBy::Place, Day::read('2026-05-01'), Day::read('2026-05-31'), 1, 100);
        $found = [];
        foreach ($read as $row) {
            $found[str_starts_with($row->key, 'place ') ? (string) Placement::query()->findOrFail((int) substr($row->key, 6))->code : $row->key] = $row->commission->minor;
        }
        ksort($sums);
        ksort($found);
        self::assertSame($sums, $found);
    }

    public function test_a_killed_reading_goes_on_where_it_was_and_counts_only_whole(): void
    {
        $csv = self::HEADER;
        for ($i = 1; $i <= 1_300; $i++) {
            $csv .= sprintf("2026-05-%02d;%s;90210;46.00;1.84;R-%d\n", $i % 28 + 1, $this->place->code, $i);
        }
        $report = $this->report($this->quay, $csv);
        $report->update(['state' => ReportState::Reading]);
        $read = app(ReadReport::class);
        self::assertTrue($read($report->id));
        self::assertSame([500, 0], [PartnerSale::query()->where('report_id', $report->id)->count(), $this->earned()]);
        $this->getJson($this->api("/reports/{$report->id}"))->assertJsonPath('report.state', 'reading')->assertJsonPath('report.progress', 38);
        // What dies in the middle of a batch leaves nothing of it.
        $db = PartnerSale::query()->getConnection();
        $db->beginTransaction();
        $read($report->id);
        $db->rollBack();
        self::assertSame(500, PartnerSale::query()->where('report_id', $report->id)->count());

        $this->readToItsEnd($report->id);
        self::assertSame([1_300, 1_300 * 184], [PartnerSale::query()->where('report_id', $report->id)->count(), $this->earned()]);
        self::assertFalse($read($report->id));
    }

    public function test_fifty_thousand_rows_are_read_in_one_pass_in_little_memory(): void
    {
        $csv = self::HEADER;
        for ($i = 1; $i <= 50_000; $i++) {
            $csv .= sprintf("2026-05-%02d;%s;90210;46.00;0.%02d;R-%d\n", $i % 28 + 1, $i % 3 === 0 ? '' : $this->place->code, $i % 100, $i);
        }
        $this->clicked($this->place, '2026-05-01 10:00', 1);
        $report = $this->report($this->quay, $csv)->id;
        unset($csv);
        PartnerReport::query()->whereKey($report)->update(['state' => 'reading']);
        gc_collect_cycles();
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->readToItsEnd($report);

        self::assertLessThan(64 * 1024 * 1024, memory_get_peak_usage() - $before);
        self::assertSame(50_000, PartnerSale::query()->where(['report_id' => $report, 'stands' => 'counts'])->count());
        self::assertSame(500 * 99 * 50, $this->earned());
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        yield 'a packed sheet' => ["PK\x03\x04".str_repeat("\0", 50), 'This is no text: open it where it came from, and take the report as CSV.'];
        yield 'nothing' => ['', 'There are no rows in this file; take a report of a time with sales.'];
        yield 'a header alone' => [self::HEADER, 'There are no rows in this file; take a report of a time with sales.'];
        yield 'one column' => ["Commission\n1\n", 'The rows of this file have one cell each; choose what stands between cells, or take the report as CSV.'];
    }

    #[DataProvider('files')]
    public function test_what_is_no_report_is_refused_and_leaves_nothing(string $bytes, string $why): void
    {
        $kept = static fn (): int => count(glob(config()->string('kite.reports').'/*') ?: []);
        $before = $kept();
        $this->post($this->api('/reports'), ['marketplace' => (string) $this->quay->id, 'report' => UploadedFile::fake()->createWithContent('x.csv', $bytes)], ['Accept' => 'application/json'])->assertUnprocessable()->assertJsonPath('errors.report.0', $why);

        self::assertSame([0, $before], [PartnerReport::query()->where('shop_id', $this->shop->id)->count(), $kept()]);
    }

    public function test_a_report_that_was_not_read_is_dropped_with_its_file_and_one_that_was_is_not(): void
    {
        $report = $this->report($this->quay);
        $this->deleteJson($this->api("/reports/{$report->id}"))->assertNoContent();
        self::assertFileDoesNotExist(config()->string('kite.reports')."/{$report->file}.came");
        $read = $this->readReport(self::HEADER."2026-05-01;;90210;46;1.84;\n");
        $this->deleteJson($this->api("/reports/{$read}"))->assertUnprocessable()->assertJsonPath('errors.report.0', 'This report is read already; take it back instead.');
        $this->getJson($this->api("/reports/{$read}/columns"))->assertUnprocessable();
        $waits = $this->report($this->quay);
        $left = $this->report($this->quay);
        $left->timestamps = false;
        $left->update(['state' => ReportState::Reading, 'updated_at' => now()->subHour()]);
        $old = $this->report($this->quay);
        $old->timestamps = false;
        $old->update(['updated_at' => now()->subDays(31)]);
        app(SweepReports::class)();
        Queue::assertPushed(ReadReportJob::class, 1);
        $files = static fn (PartnerReport $report): bool => is_file(config()->string('kite.reports')."/{$report->file}.text");
        self::assertSame([true, true, false, false], [$files($waits), $files($left), $files($old), $files(PartnerReport::query()->findOrFail($read))]);
    }

    public function test_expected_earnings_stand_beside_the_real_ones_and_a_cost_is_held_against_them(): void
    {
        $this->lamp->addresses()->update(['found_minor' => 4600, 'price_state' => 'same', 'checked_at' => now()]);
        $today = now()->toDateString();
        $this->clicked($this->place, now()->subDay()->format('Y-m-d H:i'), 40);
        $this->readReport(self::HEADER."{$today};{$this->place->code};90210;46;1.84;\n{$today};{$this->place->code};x99;20;0.80;\n");

        $listed = $this->getJson($this->api('/commission'))->assertOk()
            ->assertJsonPath('items.0.rate', '4 %')->assertJsonPath('items.0.commission.shown', '€1.84')->assertJsonPath('items.0.clicks', 40)->assertJsonPath('items.0.sales', 2)
            ->assertJsonPath('items.0.conversion.shown', '5 %')->assertJsonPath('items.0.conversion.from', 'of 40 clicks; 1.4 % to 16.5 %')
            ->assertJsonPath('items.0.expected', '€3.68')->assertJsonPath('items.0.between', '€1.02 to €12.15')->assertJsonPath('items.0.earned', '€2.64')->assertJsonPath('items.0.missing', '');
        $id = $listed->json('items.0.id');
        self::assertIsInt($id);
        $this->getJson($this->api("/commission/{$id}/break-even?cost=10"))->assertOk()->assertJsonPath('sentence', 'At €1.84 a sale, €10.00 a month is paid for by 6 sales a month. That takes about 120 clicks, 37 to 435.');
        $this->getJson($this->api("/commission/{$id}/break-even?cost=ten"))->assertUnprocessable()->assertJsonPath('errors.cost.0', '“ten” is not an amount; write digits with a point, such as 9.80.');
        DB::table('commission_rates')->delete();
        $this->getJson($this->api('/commission'))->assertJsonPath('items.0.missing', 'Quay Sweden has no rate for goods without a category today; enter one there.')->assertJsonPath('items.0.expected', '');
    }

    public function test_another_shop_sees_nothing_of_it(): void
    {
        $report = $this->readReport(self::HEADER."2026-05-01;{$this->place->code};90210;46;1.84;\n");
        $other = $this->shop();
        $theirs = $this->marketplace($other, ['currency' => 'EUR']);
        $this->actingAs($this->person($other));
        $api = "/api/shops/{$other->slug}";
        foreach (["reports/{$report}", "reports/{$report}/columns"] as $path) {
            $this->getJson($this->console("{$api}/{$path}"))->assertNotFound();
        }
        $this->postJson($this->console("{$api}/reports/{$report}/back"), ['is_back' => true])->assertNotFound();
        $this->getJson($this->console("{$api}/reports"))->assertJsonPath('items', []);
        $this->getJson($this->console("{$api}/earnings?from=2026-05-01&until=2026-05-31"))->assertJsonPath('items', []);
        $this->post($this->console("{$api}/reports"), ['marketplace' => (string) $this->quay->id, 'report' => UploadedFile::fake()->createWithContent('x.csv', self::HEADER."2026-05-01;;;1;1;\n")], ['Accept' => 'application/json'])->assertUnprocessable();
        // Another shop's code is no place of this one.
        $mine = $this->report($theirs, self::HEADER."2026-05-01;{$this->place->code};90210;46;1.84;\n");
        $mine->update(['state' => ReportState::Reading]);
        $this->readToItsEnd($mine->id);
        $sale = PartnerSale::query()->where('report_id', $mine->id)->sole();
        self::assertSame(['nothing', 'unknown_sub_id'], [$sale->credited_by->value, $sale->why?->value]);
    }

    /**
     * What counts of reports, told row by row: of rows that are alike, as many as one report has at most; of a sale by its
     * number, what was said last.
     *
     * @param  list<list<array{string, string, int}>>  $reports  number, code and commission of each row
     * @return array<string, array{string, int}> code and commission of what counts
     */
    private static function reckoned(array $reports): array
    {
        $most = $counts = [];
        foreach ($reports as $at => $rows) {
            $alike = $nth = [];
            foreach ($rows as $row => [$order, $code, $commission]) {
                $content = "{$order}|{$code}|{$commission}";
                $alike[$content] = ($alike[$content] ?? 0) + 1;
                $number = $nth["{$order}|{$code}"] = ($nth["{$order}|{$code}"] ?? 0) + ($commission < 0 ? 0 : 1);
                if ($alike[$content] > ($most[$content] ?? 0)) {
                    $counts[$commission < 0 ? "{$at}/{$row}" : "{$order}|{$code}|{$number}"] = [$code, $commission];
                }
            }
            foreach ($alike as $content => $times) {
                $most[$content] = max($most[$content] ?? 0, $times);
            }
        }

        return $counts;
    }

    private function readReport(string $csv, ?Marketplace $marketplace = null): int
    {
        $report = $this->report($marketplace ?? $this->quay, $csv);
        $report->update(['state' => ReportState::Reading]);
        $this->readToItsEnd($report->id);

        return $report->id;
    }

    private function readToItsEnd(int $report): void
    {
        while ((app(ReadReport::class))($report)) {
        }
    }

    private function back(int $report, bool $isBack): void
    {
        $this->postJson($this->api("/reports/{$report}/back"), ['is_back' => $isBack])->assertOk()->assertJsonPath('state', $isBack ? 'taken_back' : 'done');
    }

    /** @phpstan-impure */
    private function earned(): int
    {
        $sum = DB::table('partner_sales')->where(['shop_id' => $this->shop->id, 'stands' => 'counts'])->sum('commission_minor');

        return is_numeric($sum) ? (int) $sum : 0;
    }

    private function clicked(Placement $place, string $at, int $times): void
    {
        for ($i = 0; $i < $times; $i++) {
            app(RecordEvent::class)->at(CarbonImmutable::parse($at, $this->shop->timezone ?? 'UTC'), new Event(EventKind::Lead, CountedShop::of($this->shop), Source::of($place), 'IE', Device::Phone, [new EventGoods($this->lamp->id)], $this->quay->id));
        }
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
