<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Browser;

// Prints how long it takes on an offer's desk from a key that changes the quantity to the frame that shows the new bill.
require dirname(__DIR__, 2).'/vendor/autoload.php';
$console = 'http://seller.localhost:'.getenv('KITE_PUBLIC_PORT');

$browser = Browser::open((string) getenv('KITE_CHROMEDRIVER'));
try {
    $browser->goTo("{$console}/sign-in")->seeing('Password')->type('E-mail', 'wren@mosslight.example')->type('Password', (string) getenv('KITE_DEMO_PASSWORD'))->click('Sign in')->seeing('Heather honey');
    $browser->goTo("{$console}/mosslight/offers/1")->seeing('On the bill')->click('Quantity: one. Change it');
    $browser->evaluate(<<<'JS'
        window.shown = []
        let pressed = null
        addEventListener('keydown', (event) => { if (/^\d$/.test(event.key)) pressed = event.timeStamp }, true)
        new MutationObserver(() => {
          if (pressed === null) return
          const since = pressed
          pressed = null
          // What is posted in a frame's own callback is told once that frame is painted.
          const painted = new MessageChannel()
          painted.port1.onmessage = () => window.shown.push(performance.now() - since)
          requestAnimationFrame(() => painted.port2.postMessage(null))
        }).observe(document.querySelector('[aria-labelledby=proof-bill]'), { subtree: true, childList: true, characterData: true })
        JS);
    $field = $browser->field('How many one click adds');
    for ($key = 1; $key <= 40; $key++) {
        $field->sendKeys([[WebDriverKeys::CONTROL, 'a'], (string) (2 + $key % 2)]);
        $browser->until(static fn (): bool => $browser->evaluate('return window.shown.length') === $key, 'the bill of the new quantity');
        usleep(150_000);
    }
    $shown = (array) $browser->evaluate('return window.shown');
    sort($shown);
    printf("\n%-44s %10s %10s\n%-44s %10.0f %10.0f\n", 'ms from key to paint, of 40 keys', 'median', '90 %', "an offer's desk", $shown[20], $shown[36]);
} finally {
    $browser->close();
}
