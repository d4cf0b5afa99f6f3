<?php

declare(strict_types=1);

// A file of 2 GB, up through the web server in parts and down again in one, and what a worker of PHP held meanwhile. It
// says what room it needs, and does nothing without it.

use App\Models\Download;
use App\Models\Person;
use App\Models\Shop;
use GuzzleHttp\Client;
use Illuminate\Contracts\Console\Kernel;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Download\FileSize;
use PHPUnit\Framework\Assert;
use Tests\Support\KillsServers;
use Tests\Support\SendsFiles;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
(require "{$root}/bootstrap/app.php")->make(Kernel::class)->bootstrap();

const BYTES = FileSize::LARGEST;
// The file itself, as it is kept, and as it comes down.
$needed = 3 * BYTES + config()->integer('kite.disk_reserve');
$room = (int) min(disk_free_space(config()->string('kite.files')), disk_free_space(sys_get_temp_dir()));
printf("\nA file of %s needs %s of room here; there is %s.\n", FileSize::shownOf(BYTES), FileSize::shownOf($needed), FileSize::shownOf($room));
if ($room < $needed) {
    exit(0);
}

$shop = Shop::query()->where('slug', 'mosslight')->firstOrFail();
$person = $shop->people()->firstOrFail();
$bench = new class($shop, $person) extends Assert
{
    use KillsServers;
    use SendsFiles;

    public function __construct(
        private readonly Shop $shop,
        private readonly Person $person,
    ) {}

    /** @return array{string, int} the file, and the id of what it became */
    public function up(): array
    {
        $path = self::madeFile(BYTES);
        $upload = $this->sendFile($path, 'a film.mp4', static fn (): null => null);
        Assert::assertSame(hash_file('sha256', $path), $upload['sha256']);

        return [$path, self::number($this->read($this->ask('POST', 'files', ['upload' => self::number($upload, 'id')])->wait()), 'id')];
    }

    public function held(): int
    {
        return max(0, ...array_map(static function (int $worker): int {
            preg_match_all('/^Private_(?:Clean|Dirty):\s+(\d+)/m', (string) @file_get_contents("/proc/{$worker}/smaps_rollup"), $found);

            return (int) array_sum(array_map(intval(...), $found[1]));
        }, $this->workers()));
    }
};
$began = microtime(true);
[$path, $file] = $bench->up();
$up = microtime(true) - $began;
$product = $shop->products()->create(['sku' => 'film', 'name' => 'A film', 'kind' => ProductKind::Digital, 'price_minor' => 0, 'currency' => $shop->currency, 'weight_unit' => 'g']);
$shop->files()->whereKey($file)->update(['product_id' => $product->id]);
$shopper = new Client(['cookies' => true, 'allow_redirects' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);
$checkout = $shop->base().$shopper->get("{$shop->base()}/take/film?to=pay")->getHeaderLine('Location');
preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $shopper->get($checkout)->getBody(), $found);
$shopper->post($checkout, ['headers' => ['Origin' => $shop->base()], 'form_params' => ['digest' => $found[1] ?? '', 'email' => 'ada@letters.example', 'country' => 'IE', 'pay' => '1']]);
$download = Download::query()->where('shop_id', $shop->id)->latest('id')->firstOrFail();
$address = $shop->base().$shopper->post($shop->base().$download->path(), ['headers' => ['Origin' => $shop->base()], 'form_params' => ['file' => $download->files()->firstOrFail()->id]])->getHeaderLine('Location');
$began = microtime(true);
$shopper->get($address, ['sink' => "{$path}.down"]);
$down = microtime(true) - $began;
$isSame = hash_file('sha256', $path) === hash_file('sha256', "{$path}.down");
unlink($path);
unlink("{$path}.down");
printf("up %.0f s (%.0f MB/s), down %.0f s (%.0f MB/s), the same: %s; a worker of PHP held %.0f MB at most\n", $up, BYTES / 1048576 / $up, $down, BYTES / 1048576 / $down, $isSame ? 'yes' : 'NO', $bench->held() / 1024);
exit($isSame ? 0 : 1);
