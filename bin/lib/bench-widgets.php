<?php

declare(strict_types=1);

use App\Models\Shop;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

// Prints what the data of a page's widgets costs where nothing of it is kept, over the framework's start.
$kernel = require __DIR__.'/bench-app.php';
$shop = Shop::query()->where('slug', 'mosslight')->firstOrFail();

$queries = 0;
$inDatabase = 0.0;
DB::listen(static function ($query) use (&$queries, &$inDatabase): void {
    $queries++;
    $inDatabase += $query->time;
});
$looks = $shop->looks()->pluck('id')->all();
$codes = $shop->placements()->whereRelation('offer', 'state', 'live')->whereRelation('offer.lines.product', 'has_variants', true)->limit(5)->pluck('code')
    ->merge($shop->placements()->whereRelation('offer', 'state', 'live')->orderByDesc('id')->limit(45)->pluck('code'))->all();
DB::table('placements')->whereIn('code', $codes)->update(['form' => 'picture']);
foreach ($shop->placements()->whereIn('code', $codes)->pluck('offer_id') as $i => $offer) {
    DB::table('offers')->where('id', $offer)->update(['look_id' => $looks[$i % count($looks)]]);
}

$asked = static function (string $path, int $status) use ($kernel, $shop, &$queries, &$inDatabase): array {
    $runs = $inDatabases = [];
    for ($run = 0; $run < 30; $run++) {
        $queries = 0;
        $inDatabase = 0.0;
        $request = Request::create("{$shop->base()}{$path}");
        $started = hrtime(true);
        $answer = $kernel->handle($request);
        $runs[] = (hrtime(true) - $started) / 1e6 - $inDatabase;
        $inDatabases[] = $inDatabase;
        $answer->getStatusCode() === $status || exit("{$path} answered {$answer->getStatusCode()}.\n");
    }
    sort($runs);
    sort($inDatabases);

    return [$runs[15], $inDatabases[15], $queries];
};

printf("\n%-44s %10s %10s %10s\n", 'widgets that nothing keeps, pictures and all', 'ms of PHP', 'in the db', 'queries');
// Counts of nothing: no shop is asked for, nothing is read.
[$start] = $asked('/embed/data?v=2', 400);
foreach ([1, 10, 50] as $count) {
    $list = array_slice($codes, 0, $count);
    sort($list);
    [$php, $database, $read] = $asked('/embed/data?v=1&codes='.implode(',', $list), 200);
    printf("%-44s %10.1f %10.1f %10d\n", $count === 1 ? 'of 1 widget' : "of {$count} widgets", $php - $start, $database, $read);
}
