<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Catalogue\ProductForm;
use App\Models\Marketplace;
use App\Models\PartnerAddress;
use App\Models\PartnerReport;
use App\Models\PartnerSale;
use App\Models\Product;
use App\Models\ReportState;
use App\PartnerReports\ReadReport;
use App\Partners\MarketplaceForm;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use PaperKite\Partner\Price\PriceState;
use Tests\Support\AsksConsole;

/** Sixteen who take a price over, show none and save its product and its marketplace at once; and who take a report back while another is read. */
final class PriceStormTest extends ServedTestCase
{
    use AsksConsole;

    private const MANY = 16;

    protected function setUp(): void
    {
        parent::setUp();
        $this->together = HandlerStack::create(new CurlMultiHandler);
    }

    public function test_what_is_shown_is_what_somebody_said_last(): void
    {
        $marketplace = $this->marketplace($this->shop, ['currency' => 'EUR', 'country' => 'IE']);
        $lamp = $this->partnerProduct($this->shop, [], $marketplace);
        $address = PartnerAddress::query()->where('product_id', $lamp->id)->sole();
        $address->forceFill(['price_minor' => 4600, 'priced_on' => now(), 'found_minor' => 4900, 'price_state' => PriceState::Changed, 'checked_at' => now()])->save();
        $form = self::sent(ProductForm::of(Product::query()->with(ProductForm::FILLED_WITH)->findOrFail($lamp->id), $this->shop->zone()));
        $market = self::sent(MarketplaceForm::of($marketplace->load([...Marketplace::READ_WITH, 'rates'])));

        $asked = [];
        foreach (range(1, self::MANY) as $i) {
            $asked[] = $this->ask('POST', 'prices/acts', ['act' => $i % 4 === 0 ? 'hide' : 'take_over', 'prices' => [$address->id]]);
            $asked[] = $this->ask('PUT', "products/{$lamp->id}", array_replace_recursive($form, ['name' => "Lamp {$i}", 'addresses' => [['price' => "4{$i}.00", 'category' => "C{$i}"]]]));
            $asked[] = $this->ask('PUT', "marketplaces/{$marketplace->id}", ['rates' => [['category' => "C{$i}", 'rate' => (string) $i, 'from' => '', 'until' => '']]] + $market);
            $asked[] = $this->ask('GET', 'prices', []);
            $asked[] = $this->ask('GET', 'commission', []);
        }

        self::assertSame([], array_filter($this->statuses($asked), static fn (int $status): bool => $status >= 400 && $status !== 409));
        $now = $address->refresh();
        self::assertSame($now->price_minor === null || $now->price_minor === 4900 ? PriceState::Same : PriceState::Changed, $now->price_state);
        self::assertSame(1, PartnerAddress::query()->where('product_id', $lamp->id)->count());
    }

    public function test_reports_that_are_taken_back_and_read_at_once_sum_up(): void
    {
        $marketplace = $this->marketplace($this->shop, ['currency' => 'EUR']);
        $csv = "Date;Sub ID;Commission;Order\n".implode('', array_map(static fn (int $row): string => "2026-05-01;x;1.00;R-{$row}\n", range(1, 300)));
        $reports = array_map(fn (): PartnerReport => $this->report($marketplace, $csv), range(1, 4));
        foreach ($reports as $report) {
            $report->update(['state' => ReportState::Reading]);
        }
        self::assertFalse((app(ReadReport::class))($reports[0]->id));

        $asked = [];
        foreach (range(1, self::MANY) as $i) {
            $asked[] = $this->ask('POST', "reports/{$reports[0]->id}/back", ['is_back' => $i % 2 === 1]);
            $asked[] = $this->ask('GET', "reports/{$reports[0]->id}", []);
            $asked[] = $this->ask('GET', 'earnings', []);
            if ($i % 5 === 0) {
                (app(ReadReport::class))($reports[intdiv($i, 5)]->id);
            }
        }

        self::assertSame([], array_filter($this->statuses($asked), static fn (int $status): bool => $status >= 400));
        self::assertSame(300, PartnerSale::query()->where(['marketplace_id' => $marketplace->id, 'stands' => 'counts'])->count());
    }
}
