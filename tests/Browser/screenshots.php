<?php

declare(strict_types=1);

use Tests\Browser\Browser;
use Tests\Browser\WidgetOnPage;
use Tests\Browser\WidgetOver;

require __DIR__.'/../../vendor/autoload.php';

// Walks through the demo and takes one picture of each main view; run by bin/screenshots.
$folder = $argv[1] ?? 'docs/screenshots';
$port = (string) getenv('KITE_PUBLIC_PORT');
$console = "http://seller.localhost:{$port}";
$shop = "http://mosslight.localhost:{$port}";
is_dir($folder) || mkdir($folder, 0755, true);

$browser = Browser::open((string) getenv('KITE_CHROMEDRIVER'));
$take = static function (string $name) use ($browser, $folder): void {
    // Fonts and pictures arrive a moment after the words.
    usleep(600_000);
    $browser->evaluate('if (! document.querySelector("[role=dialog]")) document.activeElement?.blur(); if (! document.querySelector(".sheet")) scrollTo(0, 0)');
    $browser->picture("{$folder}/{$name}.png");
    echo "{$name}\n";
};

try {
    $browser->goTo("{$console}/sign-in")->seeing('Password')->type('E-mail', 'wren@mosslight.example')->type('Password', (string) getenv('KITE_DEMO_PASSWORD'))->click('Sign in')->seeing('Heather honey');
    $take('offers');
    $browser->goTo("{$console}/mosslight/offers/1")->seeing('On the bill')->seeing('Copy HTML button');
    $take('desk');
    $browser->goTo("{$console}/mosslight/shop/look")->seeing('Dark, for readers');
    usleep(1_500_000);
    $take('page-look');
    $browser->goTo("{$console}/mosslight/offers/looks")->seeing('Compare with');
    $take('looks');
    $browser->goTo("{$console}/mosslight/offers/tables/1")->seeing('Name of the new place');
    usleep(1_000_000);
    $take('price-table');
    $browser->goTo("{$console}/mosslight/offers/shelves/1")->seeing('Name of the new place');
    usleep(1_000_000);
    $take('shelf');
    $browser->goTo("{$console}/mosslight/partners")->click('Wicker Lane Ireland')->type('Try it: paste the address of a page there', "http://wicker-lane-ie.localhost:{$port}/w204-storm-lantern-brass?lane=somebody-9&seen=2#reviews")->seeing('another’s partner ID');
    $take('partners');
    $browser->goTo("{$console}/mosslight/partners/prices")->seeing('Price changed');
    $take('prices');
    $browser->goTo("{$console}/mosslight/partners/commission")->seeing('is paid for by');
    $take('commission');
    $browser->goTo("{$console}/mosslight/orders")->seeing('Ada Nwosu-Reed');
    $take('orders');
    $browser->goTo("{$console}/mosslight/products")->click('Heather honey, 340 g')->seeing('Sell it');
    $take('product');
    $browser->goTo("{$console}/mosslight/shop")->seeing('A sample cart')->seeing('keeps');
    $take('rules');
    $browser->goTo("{$console}/mosslight/products")->click('The hive year, a guide')->seeing('Remove the sample');
    $browser->evaluate('document.querySelector("[data-file]").scrollIntoView({ block: "center" })');
    usleep(600_000);
    $browser->picture("{$folder}/files.png");
    $browser->goTo("{$console}/mosslight/orders/gift-cards")->click('Partly used 1')->seeing('Jonas')->clickCss('[data-card] a')->seeing('Movements');
    $take('gift-card');
    $browser->goTo("{$console}/mosslight/orders/1011")->seeing('Goes to');
    $take('order');

    $browser->goTo("{$shop}/")->seeing('Everything in the shop');
    $take('shopfront');
    $browser->goTo("{$shop}/p/wrap-l-clover")->seeing('Add to cart');
    $browser->type('How many', '2')->click('Add to cart')->arrivingAt('/cart')->goTo("{$shop}/p/wrap-s-plain")->click('Add to cart')->arrivingAt('/cart')->goTo("{$shop}/p/honey-340")->click('Add to cart')->arrivingAt('/cart')->seeing('Heather honey');
    $browser->type('Coupon', 'BLOSSOM')->click('Use it')->seeing('Discount');
    $browser->goTo("http://strict.localhost:{$port}/");
    $wrap = new WidgetOnPage($browser);
    $wrap->choose('Size', 'Large')->type('How many wraps', '2')->press()->seeing('In your cart: 2');
    usleep(2_600_000);
    $take('widgets');
    $browser->goTo("http://margin.localhost:{$port}/");
    (new WidgetOnPage($browser))->seeing('Tall beeswax candle')->click('.shelf li:nth-child(3) .button');
    $cart = new WidgetOver($browser);
    $cart->seeing('Tall beeswax candle')->click('summary');
    $take('mini-cart');
    $cart->click('.close');
    $browser->goTo("http://blog.localhost:{$port}/april-in-the-apiary")->seeing('April in the apiary');
    $browser->click('Buy now')->arrivingAt('/checkout/')->seeing('Pay €13.70')->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed');
    $take('checkout');
} finally {
    $browser->close();
}
