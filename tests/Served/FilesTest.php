<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Download;
use App\Models\Product;
use App\Models\StoredFile;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\Utils;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Download\FileSize;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\KillsServers;
use Tests\Support\SendsFiles;

/** A large file goes up through servers that are killed, and comes down in ranges, byte for byte, without PHP holding it. */
final class FilesTest extends ServedTestCase
{
    use KillsServers;
    use SendsFiles;

    private const LARGE = 64 * 1024 * 1024;

    /** In kB. */
    private const MOST_MEMORY = 64 * 1024;

    private string $path = '';

    protected function tearDown(): void
    {
        $this->path === '' || unlink($this->path);
        parent::tearDown();
    }

    public function test_64_megabytes_go_up_while_servers_are_killed_and_come_down_in_ranges(): void
    {
        $this->path = self::madeFile(self::LARGE);
        $parts = 0;
        $upload = $this->sendFile($this->path, 'twelve hours of bees.wav', function () use (&$parts): void {
            $parts++;
            if ($parts % 4 === 2) {
                $this->killIn(random_int(5, 40), $parts === 6 ? $this->database() : $this->workers());
            }
        });
        self::assertSame(hash_file('sha256', $this->path), $upload['sha256']);
        self::assertGreaterThan(self::LARGE / FileSize::PART, $parts, 'Nobody was in the middle of a part.');
        self::assertLessThan(self::MOST_MEMORY, $this->mostMemory());

        $product = $this->soldWith(self::number($upload, 'id'));
        $order = $this->paidOrder($this->placement($this->offer($product)));
        $download = Download::query()->where('order_id', $order->id)->sole();
        $shopper = self::shopper();
        $file = $this->shop->base().$shopper->post($this->shop->base().$download->path(), ['headers' => ['Origin' => $this->shop->base()], 'form_params' => ['file' => $download->files()->sole()->id]])->getHeaderLine('Location');
        $this->comesDown($shopper, $file);
        self::assertSame(1, $download->files()->sole()->used);
        self::assertLessThan(self::MOST_MEMORY, $this->mostMemory());
    }

    public function test_sixteen_windows_that_send_the_same_part_write_it_once(): void
    {
        $bytes = random_bytes(FileSize::PART);
        $id = self::number($this->read($this->ask('POST', 'uploads', ['name' => 'x.bin', 'bytes' => FileSize::PART + 3])->wait()), 'id');
        $headers = ['Upload-Offset' => '0', 'Content-Digest' => 'sha-256=:'.base64_encode(hash('sha256', $bytes, true)).':', 'Content-Type' => 'application/octet-stream'];
        $statuses = $this->statuses(array_map(fn (): \GuzzleHttp\Promise\PromiseInterface => $this->ask('PUT', "uploads/{$id}", null, $headers, $bytes), range(1, 16)));

        self::assertEquals([200 => 1, 422 => 15], array_count_values($statuses));
        self::assertSame(FileSize::PART, StoredFile::query()->findOrFail($id)->received);
    }

    public function test_sixteen_presses_of_one_button_and_a_seller_who_stops_the_link_count_one_download(): void
    {
        $this->path = self::madeFile(1000);
        $product = $this->soldWith(self::number($this->sendFile($this->path, 'small.bin', static fn (): null => null), 'id'));
        $order = $this->paidOrder($this->placement($this->offer($product)));
        $download = Download::query()->where('order_id', $order->id)->sole();
        $press = ['headers' => ['Origin' => $this->shop->base()], 'form_params' => ['file' => $download->files()->sole()->id]];
        $shopper = self::shopper();
        $asked = array_map(fn (): \GuzzleHttp\Promise\PromiseInterface => $shopper->postAsync($this->shop->base().$download->path(), $press), range(1, 16));
        $asked[] = $this->ask('POST', "orders/{$order->number}/downloads/{$download->id}/stop");
        $statuses = $this->statuses($asked);

        self::assertSame([], array_diff($statuses, [303, 422, 200]));
        self::assertLessThanOrEqual(1, $download->files()->sole()->used);
        self::assertSame(422, $shopper->post($this->shop->base().$download->path(), $press)->getStatusCode());
    }

    private function comesDown(Client $shopper, string $file): void
    {
        $whole = (string) tempnam(sys_get_temp_dir(), 'kite-down');
        $answer = $shopper->get($file, ['sink' => $whole]);
        self::assertSame([200, 'application/octet-stream', 'nosniff', "default-src 'none'; sandbox", 'bytes'], [$answer->getStatusCode(), ...array_map($answer->getHeaderLine(...), ['Content-Type', 'X-Content-Type-Options', 'Content-Security-Policy', 'Accept-Ranges'])]);
        self::assertStringStartsWith('attachment;', $answer->getHeaderLine('Content-Disposition'));
        self::assertSame('', $answer->getHeaderLine('X-Accel-Redirect').$answer->getHeaderLine('Set-Cookie'));
        self::assertSame(hash_file('sha256', $this->path), hash_file('sha256', $whole));
        unlink($whole);

        // As a download that broke off is gone on with.
        $from = self::LARGE - 1000;
        $rest = $shopper->get($file, ['headers' => ['Range' => "bytes={$from}-", 'If-Range' => $answer->getHeaderLine('ETag')]]);
        self::assertSame([206, "bytes {$from}-".(self::LARGE - 1).'/'.self::LARGE], [$rest->getStatusCode(), $rest->getHeaderLine('Content-Range')]);
        self::assertSame(file_get_contents($this->path, offset: $from), (string) $rest->getBody());
        $ranges = array_map(static fn (int $i): \GuzzleHttp\Promise\PromiseInterface => $shopper->getAsync($file, ['headers' => ['Range' => 'bytes='.($i * 4096).'-'.($i * 4096 + 4095)]]), range(0, 15));
        /** @var array<ResponseInterface> $answers */
        $answers = Utils::unwrap($ranges);
        self::assertSame(file_get_contents($this->path, length: 16 * 4096), implode('', array_map(static fn (ResponseInterface $each): string => (string) $each->getBody(), $answers)));
        self::assertSame(416, $shopper->get($file, ['headers' => ['Range' => 'bytes='.self::LARGE.'-']])->getStatusCode());
        self::assertSame(404, $shopper->get($this->shop->base().'/files-that-were-bought/'.StoredFile::query()->where('shop_id', $this->shop->id)->sole()->path)->getStatusCode());
    }

    private function soldWith(int $upload): Product
    {
        $file = self::number($this->read($this->ask('POST', 'files', ['upload' => $upload])->wait()), 'id');
        $product = $this->product($this->shop, ['sku' => 'bees-'.$file, 'kind' => ProductKind::Digital]);
        $this->shop->files()->whereKey($file)->update(['product_id' => $product->id, 'free_since' => null]);

        return $product;
    }

    /** @return int kB that a worker of PHP ever held for itself, what it shares with the others apart */
    private function mostMemory(): int
    {
        $held = array_map(static function (int $worker): int {
            $said = (string) @file_get_contents("/proc/{$worker}/smaps_rollup");
            preg_match_all('/^Private_(?:Clean|Dirty):\s+(\d+)/m', $said, $found);

            return (int) array_sum(array_map(intval(...), $found[1]));
        }, $this->workers());

        return $held === [] ? 0 : max($held);
    }
}
