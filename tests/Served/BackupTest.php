<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Order;
use App\Models\Placement;
use App\Models\Product;
use GuzzleHttp\Client;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

/** What bin/backup wrote, bin/restore brings back: a shop whose database and pictures are gone sells on. */
final class BackupTest extends ServedTestCase
{
    private string $folder;

    private Product $product;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/kite-backup-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->product = $this->product($this->shop, ['name' => 'Heather honey — 蜂蜜', 'stock' => 5]);
        $this->placement = $this->placement($this->offer($this->product));
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_shop_whose_data_is_gone_sells_on_from_its_backup(): void
    {
        [$bought, $waiting] = [self::shopper(), self::shopper()];
        $this->pay($bought, $this->hostedPage($bought, $this->placement));
        $open = $this->hostedPage($waiting, $this->placement);
        $picture = config()->string('kite.pictures').'/'.bin2hex(random_bytes(8)).'.webp';
        file_put_contents($picture, 'a picture');
        $kept = [config()->string('kite.files')."/{$this->shop->id}/sold", config()->string('kite.samples').'/'.bin2hex(random_bytes(8)).'.mp3'];
        foreach ($kept as $path) {
            is_dir(dirname($path)) || mkdir(dirname($path), recursive: true);
            file_put_contents($path, $path);
        }

        [$code, $backup] = $this->command('backup', $this->folder);
        self::assertSame(0, $code, $backup);
        self::assertSame('-rw-------', self::rightsOf($backup));
        [$code, $said] = $this->command('restore', $backup);
        self::assertSame(1, $code);
        self::assertMatchesRegularExpression('/holds \d+ tables\. Nothing was changed/', $said);

        array_map(unlink(...), [$picture, ...$kept]);
        $database = (string) getenv('KITE_SERVED_DATABASE');
        self::administrator()->exec("DROP DATABASE {$database}; CREATE DATABASE {$database} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        self::assertSame(500, self::shopper()->get($this->shop->base().'/')->getStatusCode());

        [$code, $said] = $this->command('restore', $backup);
        self::assertSame(0, $code, $said);
        DB::purge();
        self::assertStringContainsString('Heather honey — 蜂蜜', (string) self::shopper()->get($this->shop->base().'/')->getBody());
        self::assertSame('a picture', (string) self::shopper()->get($this->shop->base().'/pictures/'.basename($picture))->getBody());
        self::assertSame($kept, array_map(static fn (string $path): string|false => @file_get_contents($path), $kept));
        array_map(unlink(...), [$picture, ...$kept]);

        // The checkout that was open is paid, and a new shopper comes: one order each, numbered on.
        $this->pay($waiting, $open);
        $new = self::shopper();
        $this->pay($new, $this->hostedPage($new, $this->placement));
        self::assertSame([1001, 1002, 1003], Order::query()->where('shop_id', $this->shop->id)->orderBy('number')->pluck('number')->all());
        self::assertSame(2, $this->product->refresh()->stock);
        $this->waitUntil(fn (): bool => Order::query()->where('shop_id', $this->shop->id)->whereNull('captured_at')->doesntExist());
    }

    public function test_what_is_no_whole_backup_changes_nothing(): void
    {
        $backup = $this->command('backup', $this->folder)[1];
        file_put_contents("{$this->folder}/half.tar", substr((string) file_get_contents($backup), 0, 9_000));

        [$code, $said] = $this->command('restore', "{$this->folder}/half.tar", '--replace');
        self::assertSame(1, $code);
        self::assertStringContainsString('is no whole backup. Nothing was changed.', $said);
        self::assertSame(5, $this->product->refresh()->stock);
    }

    private function pay(Client $shopper, string $page): void
    {
        $return = $shopper->post($page, ['form_params' => ['do' => 'pay', 'delivery' => 'first']])->getHeaderLine('Location');
        self::assertStringStartsWith('/thanks/', $shopper->get($return)->getHeaderLine('Location'));
    }

    /** @return array{int, string} how it ended, and the last line of what it said */
    private function command(string $command, string ...$arguments): array
    {
        $done = Process::env(['DB_DATABASE' => (string) getenv('KITE_SERVED_DATABASE')])->run([base_path("bin/{$command}"), ...array_values($arguments)]);
        $lines = explode("\n", trim($done->output().$done->errorOutput()));

        return [$done->exitCode() ?? -1, end($lines)];
    }

    private static function rightsOf(string $file): string
    {
        return substr((string) exec('ls -l '.escapeshellarg($file)), 0, 10);
    }
}
