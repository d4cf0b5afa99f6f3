<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Order;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Pdf;

/** A file is put in, with its first pages for nothing; a shopper buys it and has it; a new version reaches who bought it before. */
final class FileTripTest extends BrowserTestCase
{
    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
        parent::tearDown();
    }

    #[DataProvider('widths')]
    public function test_a_file_is_sold_from_upload_to_download_and_a_new_version_follows(int $width): void
    {
        $browser = $this->signedIn($width)->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')
            ->type('Name', 'The hive year, a guide with a name that is long')->type('SKU', 'guide')->click('Files')->seeing('Shoppers get them after paying')->type('Price', '12')->click('Save')
            ->seeing('Add the file that shoppers get');
        $this->choose($browser, 'Add files', Pdf::ofPages(['January', 'February', 'March']), 'the year.pdf');
        $browser->seeing('the year.pdf')->notSeeing('Add the file that shoppers get')->click('Show the first pages of')->seeing('being drawn');
        $browser->until(static fn (): bool => $browser->count('[data-sample] img') === 3, 'The pages are drawn.');
        $this->assertAccessible($browser, 'the form of a file');
        $browser->click('Save')->notSeeing('Shoppers get them after paying');
        $page = "{$this->shop->base()}/p/guide";

        $browser->goTo($page)->seeing('The first pages')->click('The first pages')->click('Buy now')->arrivingAt('/checkout/')->notSeeing('Street and number')->notSeeing('Shipping')
            ->type('E-mail', 'ada@letters.example')->click('Pay €12.00')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/')->seeing('Your files')
            ->click('Download The hive year')->arrivingAt('/download/')->seeing('5 of 5 downloads left');
        $this->assertAccessible($browser, 'the page of a download');
        $link = $browser->address();
        $this->download($browser);
        $browser->goTo($link)->seeing('4 of 5 downloads left');

        $order = Order::query()->where('shop_id', $this->shop->id)->sole();
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders/{$order->number}"))->seeing('1 of 5 downloads');
        $this->assertAccessible($browser, 'an order with downloads');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products"))->click('The hive year')->click('New version')->seeing('1 buyer gets a mail');
        $this->choose($browser, 'Choose the file', Pdf::ofPages(['January, mended']), 'the year, second.pdf');
        $browser->seeing('Sold from now on')->click('Sell this version')->seeing('version 2');

        $browser->until(static fn (): bool => Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::NewVersion])->exists(), 'The buyer is told.');
        $fresh = $this->shop->base().Download::query()->where('order_id', $order->id)->sole()->path();
        self::assertStringContainsString($fresh, Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::NewVersion])->sole()->text);
        $browser->goTo($fresh)->seeing('the year, second.pdf');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/orders/{$order->number}"))->click('Send a fresh link')->seeing('ada@letters.example')->click('Send the link')->notSeeing('begin anew')
            ->click('Stop the link')->seeing('Stopped');
        $browser->goTo($this->shop->base().Download::query()->where('order_id', $order->id)->sole()->path())->seeing('This link was ended.');
    }

    /** @return iterable<string, array{int}> */
    public static function widths(): iterable
    {
        yield 'on a desk' => [1280];
        yield 'on a phone' => [390];
    }

    public function test_an_upload_that_broke_off_goes_on_after_a_reload(): void
    {
        $bytes = str_repeat('0123456789abcdef', 720_000);
        $browser = $this->signedIn()->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('Not counted.')->type('Name', 'A recording')->click('Files');
        // The connection breaks after the second part.
        $browser->evaluate('let parts = 0; const real = window.fetch; window.fetch = (...it) => it[0].method === "PUT" && ++parts > 2 ? new Promise(() => {}) : real(...it)');
        $path = $this->choose($browser, 'Add files', $bytes, 'recording.bin');
        $browser->seeing('91 %')->goTo($this->consoleAddress("/{$this->shop->slug}/products/new"))->seeing('did not come whole')->seeing('A recording');
        $sent = (int) $this->shop->uploads()->sole()->received;
        self::assertSame(2 * 5 * 1024 * 1024, $sent);

        $this->send($browser, 'Add files', $path);
        $browser->seeing('11.0 MB')->notSeeing('did not come whole');
        self::assertSame(hash('sha256', $bytes), $this->shop->uploads()->sole()->sha256);
    }

    /** The browser keeps what it downloads; what matters is that it does, and stays where it was. */
    private function download(Browser $browser): void
    {
        $browser->click('Download')->until(fn (): bool => DownloadFile::query()->whereHas('download', fn ($download) => $download->where('shop_id', $this->shop->id))->sole()->used === 1, 'It is downloaded.');
    }

    private function choose(Browser $browser, string $label, string $bytes, string $name): string
    {
        $folder = sys_get_temp_dir().'/kite-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents($this->files[] = $path = "{$folder}/{$name}", $bytes);
        $this->send($browser, $label, $path);

        return $path;
    }

    private function send(Browser $browser, string $label, string $path): void
    {
        $browser->driver->findElement(WebDriverBy::cssSelector("input[type=file][aria-label='{$label}']"))->sendKeys($path);
    }
}
