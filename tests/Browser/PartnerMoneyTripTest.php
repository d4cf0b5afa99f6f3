<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\CommissionRate;
use App\Models\Marketplace;
use App\Models\PartnerAddress;
use App\Models\Product;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\EventGoods;
use App\Results\RecordEvent;
use App\Results\Source;
use App\Time\Clock;
use Facebook\WebDriver\WebDriverBy;
use PaperKite\Link\Device;
use PaperKite\Partner\Item;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A publisher asks: is what I show still true, is it mine, and what does it bring? */
final class PartnerMoneyTripTest extends BrowserTestCase
{
    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    #[DataProvider('widths')]
    public function test_a_price_that_moved_is_mended_and_what_is_gone_leads_to_the_search(int $width): void
    {
        $lane = $this->lane();
        $lantern = $this->goods($lane, 'w204', ['name' => 'Storm lantern']);
        $gone = $this->goods($lane, 'w311', ['name' => 'Moss blanket', 'sku' => 'moss-blanket']);
        $lantern->addresses()->update(['price_minor' => 4100, 'priced_on' => now()->toDateString()]);

        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/partners"))->click('Prices')->arrivingAt('/prices')->seeing('Not looked at yet');
        $browser->clickCss('[aria-label="Select all on this page"]')->seeing('2 selected')->click('Look again now')->seeing('looked at within a minute');
        $browser->until(static fn (): bool => PartnerAddress::query()->whereIn('product_id', [$lantern->id, $gone->id])->whereNotNull('checked_at')->count() === 2, 'both pages to be looked at');
        $browser->click('Show what was found')->seeing('Price changed')->seeing('€46.00')->seeing('Gone')->seeing('Clicks go to what Wicker Lane Ireland finds for its name.');
        $this->assertAccessible($browser, 'the prices');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));

        $browser->goTo("{$this->shop->base()}/p/{$lantern->sku}")->seeing('See it at Wicker Lane')->notSeeing('€41.00');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/partners/prices?filter=changed"))->seeing('€41.00, not shown')->clickCss('[aria-label="Select Storm lantern at Wicker Lane Ireland"]')->click('Show the new price')->seeing('No price is in this state.');
        $browser->loading("{$this->shop->base()}/p/{$lantern->sku}", '€46.00, seen there on');
        $browser->goTo("{$this->shop->base()}/to/moss-blanket")->arrivingAt('/search?q=Moss%20blanket');
    }

    public function test_goods_are_put_in_by_their_page_and_a_copied_text_becomes_ones_own(): void
    {
        $this->lane();
        $theirs = 'Soft goatskin keeps stings out and lets the fingers feel the frame. The long cuff reaches the elbow and closes with a drawstring.';
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')->click('Partner’s goods')
            ->type('Address of its page', $this->standinAddress('wicker-lane-ie', '/i/w612'))->seeing('leads to item w612')->click('Look at its page')->seeing('BROOMFIELD® Premium Goatskin Gloves')->click('Use them');
        $browser->until(static fn (): bool => $browser->field('Name')->getAttribute('value') === 'Goatskin Gloves' && $browser->field('Price there, EUR')->getAttribute('value') === '29.50', 'name and price to be filled in');
        $browser->type('Name', 'BROOMFIELD® Premium Goatskin Gloves, Long Cuff, Size L')->seeing('your limit is 3 words')->click('Use “Goatskin Gloves”')->notSeeing('Use “');
        $text = $browser->css('[contenteditable="true"]');
        $text->click();
        $text->sendKeys([$theirs]);
        $browser->seeing('100 % of your words stand there as they are')->seeing('word for word the marketplace’s')->seeingCount('[data-writing] mark', 1);
        $this->assertAccessible($browser, 'a text that is copied');
        $browser->type('SKU', 'gloves')->click('Save')->seeing('is saved')->click('Text to write 1')->seeing('Goatskin Gloves')->seeing('no day set')->click('Goatskin Gloves')->seeing('word for word');
        $browser->clear($browser->css('[contenteditable="true"]'));
        $browser->css('[contenteditable="true"]')->sendKeys(['I wear mine since spring, and feel every frame through them.']);
        $browser->notSeeing('word for word')->click('Save')->seeing('Text to write 0');
    }

    #[DataProvider('widths')]
    public function test_a_report_is_read_mended_and_taken_back_and_its_earnings_stand_beside_those_expected(int $width): void
    {
        $lane = $this->lane();
        $lane->rates()->create(['shop_id' => $this->shop->id, 'position' => 0, 'category' => '', 'percent' => '4']);
        $lantern = $this->goods($lane, 'w204', ['name' => 'Storm lantern']);
        $lantern->addresses()->update(['price_minor' => 4600, 'priced_on' => now()->toDateString()]);
        $place = $this->placement($this->offer($lantern), 'evenings by the hives');
        $this->shop->refresh();
        for ($click = 0; $click < 40; $click++) {
            app(RecordEvent::class)->at(app(Clock::class)->now()->subDay(), new Event(EventKind::Lead, CountedShop::of($this->shop), Source::of($place), 'IE', Device::Phone, [new EventGoods($lantern->id)], $lane->id));
        }
        $day = now()->format('d.m.Y');
        $report = sys_get_temp_dir().'/report-'.bin2hex(random_bytes(4)).'.csv';
        file_put_contents($report, "Tag der Buchung;Unter-ID;Artikel;Provision\n{$day};{$place->code};w204;1,84\n{$day};{$place->code};w500;1,74\n{$day};stranger;w204;1,84\nbald;{$place->code};w204;1,84\nSumme;;;7,26\n");

        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/partners/reports"))->seeing('No report yet.');
        $browser->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($report);
        $browser->arrivingAt('/reports/')->seeing('The first rows, as they are read')->seeing('Choose the column: Day of the sale.')->click('Read the report');
        $this->assertAccessible($browser, 'the columns of a report');
        $browser->click('none')->click('Tag der Buchung')->notSeeing('Choose the column')->seeing("sub-ID {$place->code}, commission €1.84")->seeing('“bald” is no day')->click('Read the report')
            ->seeing('3 sales count, €5.42 earned.')->seeing('Row 5: “bald” is no day')->seeing('A row of totals')->seeing('By sub-ID')->seeing('Its sub-ID is of no place here');
        $this->assertAccessible($browser, 'a report');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));

        $browser->click('Commission')->arrivingAt('/commission')->seeing('At €1.84 a sale, €10.00 a month is paid for by 6 sales a month.')->seeing('€5.42')->seeing('3 sales')->type('Cost a month', 'much')->seeing('“much” is not an amount')->type('Cost a month', '20')->seeing('11 sales a month');
        $this->assertAccessible($browser, 'the commission');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));
        $browser->click('Earnings')->arrivingAt('/earnings')->seeing('€5.42')->click('Place')->seeing('evenings by the hives')->seeing('€3.58')->seeing('Not credited')->seeing('€1.84');
        $this->assertAccessible($browser, 'the earnings');
        self::assertLessThanOrEqual($width, $browser->evaluate('return document.documentElement.scrollWidth'));

        $browser->click('Reports')->seeing('3 sales')->click(basename($report))->click('Take the report back')->seeing('taken back; nothing of it counts.')->click('Earnings')->notSeeing('€5.42')
            ->click('Reports')->seeing('Taken back')->click(basename($report))->click('Let it count again')->seeing('€5.42 earned.');
        unlink($report);
    }

    public function test_rules_and_rates_are_said_refused_and_kept(): void
    {
        $this->lane();
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/partners/rules"))->seeing('Days in which a price is believed')->type('Days in which a price is believed', '0')->click('Save')->seeing('Write a number of days from 1 to 365.')
            ->type('Days in which a price is believed', '7')->click('Show it, marked as old')->click('Hide it')->click('Save')->seeing('Saved.');
        $this->assertAccessible($browser, 'the rules for partners');
        $browser->click('History')->seeing('14 → 7');

        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/partners"))->seeing('without a rate nobody knows')->click('Add a rate')->type('Category', 'Lamps')->type('Percent', '4.5')->click('Add a rate');
        $browser->click('Save')->until(fn (): bool => Marketplace::query()->where('shop_id', $this->shop->id)->sole()->rates->map(static fn (CommissionRate $rate): array => [$rate->category, $rate->percent])->all() === [['Lamps', '4.5']], 'the rate to be saved');
    }

    private function lane(): Marketplace
    {
        return $this->marketplace($this->shop, [
            'name' => 'Wicker Lane Ireland', 'partner' => 'Wicker Lane', 'scheme' => 'http', 'hosts' => ['wicker-lane-ie.localhost'], 'port' => (string) parse_url($this->standinAddress('wicker-lane-ie', '/'), PHP_URL_PORT),
            'item_address' => '/i/{item}', 'search_address' => '/search{?q}', 'id_parameter' => 'lane', 'sub_id_parameter' => 'knot', 'country' => 'IE', 'currency' => 'EUR',
        ]);
    }

    /** @param  array<string, mixed>  $with */
    private function goods(Marketplace $lane, string $item, array $with): Product
    {
        $product = $this->partnerProduct($this->shop, $with, $lane);
        PartnerAddress::query()->where('product_id', $product->id)->sole()->fill(['target' => new Item(['item' => $item])])->save();

        return $product;
    }
}
