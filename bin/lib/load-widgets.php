<?php

declare(strict_types=1);

// Shoppers on pages with widgets, a steady number of acts a second: what is shown is read (whole pages of widgets, stories,
// pages of shelves), things are added, views and clicks are told, carts are handed over and opened at the shop. Prints what was
// answered, whether all that was accepted is in the database, and the memory of the programs, minute by minute.
//
//   php bin/lib/load-widgets.php SECONDS ACTS_A_SECOND PORT

use App\Models\DisplayPlacement;
use App\Models\Shop;
use App\Results\WriteSpooled;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PaperKite\Results\EventKind;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
(require "{$root}/bootstrap/app.php")->make(Kernel::class)->bootstrap();

[$seconds, $rate, $port] = [(float) ($argv[1] ?? 300), (int) ($argv[2] ?? 40), (int) ($argv[3] ?? 8670)];

$shop = Shop::query()->where('slug', 'mosslight')->firstOrFail();
DB::table('products')->update(['stock' => null]);
$codes = $shop->placements()->where('medium', 'widget')->whereRelation('offer', 'state', 'live')->orderBy('code')->pluck('code')->all();
$adding = $shop->placements()->where('medium', 'widget')->whereRelation('offer', 'destination', 'mini_cart')->whereRelation('offer', 'opening', 'same_tab')->whereHas('offer.lines')->firstOrFail()->code;
$shelf = DisplayPlacement::query()->where('shop_id', $shop->id)->whereNotNull('shelf_id')->firstOrFail()->code;
$table = DisplayPlacement::query()->where('shop_id', $shop->id)->whereNotNull('whole_table_id')->firstOrFail()->code;
$all = [...$codes, $shelf, $table];
sort($all);

$acts = [
    // Of a hundred: what a page asks for when it is opened is asked most.
    [40, 'read', static fn (): array => ['/embed/data?v=1&codes='.implode(',', $all), null]],
    [8, 'read', static fn (): array => ["/embed/data?v=1&codes={$adding}&whole=1", null]],
    [7, 'read', static fn (): array => ["/embed/data?v=1&codes={$shelf}&whole=1&item=wrap", null]],
    [15, 'view', static fn (): array => ['/embed/seen', ['view' => "{$shelf},{$adding}"]]],
    [10, 'click', static fn (): array => ['/embed/seen', ['click' => $adding]]],
    [8, 'add', static fn (): array => ['/embed/cart/add', ['code' => $adding, 'click' => bin2hex(random_bytes(16))]]],
    [6, 'add', static fn (): array => ['/embed/cart/add', ['code' => $shelf, 'in' => $shelf, 'item' => 'honey-340', 'click' => bin2hex(random_bytes(16))]]],
    [6, 'over', static fn (): array => ['/embed/cart/hand-over', ['to' => 'cart', 'token' => '?']]],
];
$sum = array_sum(array_column($acts, 0));
$tokens = $opened = [];
$done = array_fill_keys(['read', 'view', 'click', 'add', 'over', 'open'], 0);
$wrong = [];

$counted = static fn (EventKind $kind): int => DB::table('events')->where(['shop_id' => $shop->id, 'kind' => $kind->value, 'is_act' => true])->count();
$before = [$counted(EventKind::View), $counted(EventKind::Click), $counted(EventKind::Add), DB::table('cart_lines')->sum('quantity')];

// What is shared among processes counts once (PSS): workers of PHP share the code that is compiled.
$memory = static function (): string {
    $processes = [];
    foreach (glob('/proc/[0-9]*', GLOB_ONLYDIR) ?: [] as $process) {
        $parent = preg_match('/^PPid:\s+(\d+)/m', (string) @file_get_contents("{$process}/status"), $found) === 1 ? (int) $found[1] : 0;
        $takes = preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("{$process}/smaps_rollup"), $found) === 1 ? (int) $found[1] : 0;
        $processes[(int) basename($process)] = [$parent, (string) @file_get_contents("{$process}/cmdline"), $takes];
    }
    // All that bin/load has started, and what those have started.
    $ours = [posix_getppid() => true];
    do {
        $known = count($ours);
        foreach ($processes as $id => [$parent]) {
            $ours += isset($ours[$parent]) ? [$id => true] : [];
        }
    } while (count($ours) > $known);
    $processes = array_intersect_key($processes, $ours);
    $workers = array_filter($processes, static fn (array $process): bool => str_starts_with($process[1], 'php-fpm: pool'));
    $queues = array_filter($processes, static fn (array $process): bool => str_starts_with($process[1], 'php') && str_contains($process[1], 'queue:work'));
    $sum = static fn (array $some): int => (int) round(array_sum(array_column($some, 2)) / 1024);

    return sprintf('php-fpm %d MB in %d workers, %d workers of queues %d MB', $sum($workers), count($workers), count($queues), $sum($queues));
};

$multi = curl_multi_init();
$begin = static function (string $kind, string $path, ?array $body) use ($multi, $shop, $port): void {
    $handle = curl_init("http://127.0.0.1:{$port}{$path}");
    curl_setopt_array($handle, [
        CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_PRIVATE => $kind, CURLOPT_HEADER => false,
        CURLOPT_HTTPHEADER => ["Host: {$shop->host}", ...($kind === 'open' ? ['Sec-Fetch-Mode: navigate', 'Sec-Fetch-Dest: document'] : ['Origin: http://blog.localhost', 'Sec-Fetch-Mode: cors', 'Sec-Fetch-Dest: empty'])],
        CURLOPT_USERAGENT => 'Load '.bin2hex(random_bytes(4)),
    ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => http_build_query($body)]));
    curl_multi_add_handle($multi, $handle);
};

$began = microtime(true);
$sent = $minute = 0;
$running = 0;
echo sprintf("%d acts a second for %d s\n    at first: %s\n", $rate, $seconds, $memory());
do {
    $now = microtime(true) - $began;
    while ($now < $seconds && $sent < $now * $rate) {
        $sent++;
        $drawn = random_int(1, $sum);
        foreach ($acts as [$share, $kind, $make]) {
            $drawn -= $share;
            if ($drawn <= 0) {
                [$path, $body] = $make();
                if (($body['token'] ?? '') === '?') {
                    $token = array_pop($tokens);
                    if ($token === null) {
                        break;
                    }
                    $body['token'] = $token;
                }
                $begin($kind, $path, $body);
                break;
            }
        }
    }
    curl_multi_exec($multi, $running);
    while ($info = curl_multi_info_read($multi)) {
        $handle = $info['handle'];
        $kind = (string) curl_getinfo($handle, CURLINFO_PRIVATE);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $answer = (string) curl_multi_getcontent($handle);
        if ($status === ['read' => 200, 'view' => 204, 'click' => 204, 'add' => 200, 'over' => 200, 'open' => 303][$kind]) {
            $done[$kind]++;
            $told = json_decode($answer, true);
            if ($kind === 'add') {
                $tokens[] = $told['token'];
            }
            if ($kind === 'over') {
                $begin('open', (string) parse_url((string) $told['go'], PHP_URL_PATH), null);
            }
        } else {
            $wrong[] = "{$kind} answered {$status}: ".curl_error($handle).mb_strcut($answer, 0, 120);
        }
        curl_multi_remove_handle($multi, $handle);
        curl_close($handle);
    }
    if ($now > ($minute + 1) * 60) {
        $minute++;
        printf("    after %d min: %s\n", $minute, $memory());
    }
    $running > 0 ? curl_multi_select($multi, 0.01) : usleep(2000);
} while ($now < $seconds || $running > 0);

// What is spooled comes into the database each minute; here at once.
(app(WriteSpooled::class))();
$after = [$counted(EventKind::View), $counted(EventKind::Click), $counted(EventKind::Add)];
$handed = (int) DB::table('cart_lines')->sum('quantity') - (int) $before[3] - $done['add'];
printf("    at the end: %s\n", $memory());
printf("    answered as they should be: %s\n", implode(', ', array_map(static fn (string $kind, int $count): string => "{$count} {$kind}", array_keys($done), $done)));
printf("    otherwise: %d\n", count($wrong));
foreach (array_slice(array_unique($wrong), 0, 5) as $one) {
    echo "      {$one}\n";
}
$exact = static fn (int $is, int $should): string => $is === $should ? "{$is}, all of them" : "{$is} OF {$should}";
printf("    in the database: views %s; clicks %s; adds %s; pieces handed over %s\n",
    $exact($after[0] - $before[0], 2 * $done['view']), $exact($after[1] - $before[1], $done['click']), $exact($after[2] - $before[2], $done['add']), $exact($handed, $done['open']));
exit($wrong === [] && $after[0] - $before[0] === 2 * $done['view'] && $after[1] - $before[1] === $done['click'] && $after[2] - $before[2] === $done['add'] ? 0 : 1);
