<?php

declare(strict_types=1);

use Tests\Browser\Browser;

// Prints by how much pages shift while their widgets come, as browsers reckon it (Layout Instability, W3C).
require dirname(__DIR__, 2).'/vendor/autoload.php';
$port = (string) getenv('KITE_PUBLIC_PORT');
$shift = 'return await new Promise((done) => { let sum = 0; new PerformanceObserver((list) => { for (const one of list.getEntries()) if (!one.hadRecentInput) sum += one.value }).observe({ type: "layout-shift", buffered: true }); setTimeout(() => done(sum), 1200) })';

printf("\n%-44s %10s %10s\n", 'shift of pages while their widgets come', '1280 px', '390 px');
foreach (['wall' => 'fifty buttons', 'evening' => 'a button in a text', 'landing' => 'a price, and two with pictures', 'strict' => 'two with pictures, and a button', 'garden' => 'with a picture, from right to left'] as $page => $what) {
    $measured = [];
    foreach ([1280, 390] as $width) {
        $browser = Browser::open((string) getenv('KITE_CHROMEDRIVER'));
        try {
            $browser->resize($width, 800);
            $browser->goTo($page === 'evening' ? "http://landing.localhost:{$port}/evening" : "http://{$page}.localhost:{$port}/");
            $measured[] = $browser->driver->executeAsyncScript('const done = arguments[0]; (async () => {'.$shift.'})().then(done)');
        } finally {
            $browser->close();
        }
    }
    printf("%-44s %10.4f %10.4f\n", $what, ...$measured);
}
