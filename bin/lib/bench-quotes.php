<?php

declare(strict_types=1);

use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Quote;

// Prints quotes a second on one core, for carts of 1, 5 and 20 lines, and what memory one takes; reading is not counted.
$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";

$example = (array) json_decode((string) file_get_contents("{$root}/tests/Core/Quote/examples/06-coupon-allocation.json"));
$document = (array) $example['document'];
$goods = ['honey-340', 'candle', 'wrap-s-plain', 'wrap-l-clover', 'wrap-s-clover'];

printf("\n%-44s %10s %10s %10s\n", 'quotes on one core, with a coupon and a table', 'a second', 'ms each', 'peak KiB');
foreach ([1, 5, 20] as $lines) {
    $document['cart'] = array_map(static fn (int $i): array => ['sku' => $goods[$i % count($goods)], 'quantity' => 1 + $i % 3], range(0, $lines - 1));
    $asked = DocumentReader::read(json_encode($document, JSON_THROW_ON_ERROR));
    for ($warm = 0; $warm < 200; $warm++) {
        Quote::of($asked);
    }
    $before = memory_get_usage();
    memory_reset_peak_usage();
    Quote::of($asked);
    $peak = memory_get_peak_usage() - $before;
    $count = 0;
    $started = hrtime(true);
    do {
        for ($i = 0; $i < 20; $i++) {
            Quote::of($asked);
        }
        $count += 20;
        $elapsed = hrtime(true) - $started;
    } while ($elapsed < 1_500_000_000);
    printf("%-44s %10.0f %10.3f %10.0f\n", $lines === 1 ? 'a cart of one line' : "a cart of {$lines} lines", $count * 1e9 / $elapsed, $elapsed / 1e6 / $count, $peak / 1024);
}
