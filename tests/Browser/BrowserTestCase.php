<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Tests\Support\Makes;
use Tests\Support\SignsIn;
use Throwable;

/** A test on the running servers, each with a shop of its own, as a person meets them in a browser. */
abstract class BrowserTestCase extends TestCase
{
    use Makes;
    use SignsIn;

    protected const PASSWORD = 'a long enough password';

    protected Shop $shop;

    protected Person $person;

    /** One for all tests of a class, each of which finds it as new. */
    private static ?Browser $opened = null;

    private ?Browser $browser = null;

    protected function setUp(): void
    {
        parent::setUp();
        config(['database.connections.mariadb.database' => getenv('KITE_SERVED_DATABASE')]);
        DB::purge();
        $this->shop = $this->shop();
        $this->person = $this->person($this->shop, self::PASSWORD);
    }

    protected function tearDown(): void
    {
        $browser = $this->browser;
        try {
            if ($browser !== null && $this->status()->isUnknown()) {
                self::assertSame([], $this->complaints($browser), 'The browser’s console complains.');
            }
        } finally {
            $this->browser = null;
            parent::tearDown();
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$opened?->close();
        self::$opened = null;
        parent::tearDownAfterClass();
    }

    protected function onNotSuccessfulTest(Throwable $thrown): never
    {
        // Whatever it is stuck in, the next test does not begin with it.
        self::$opened?->close();
        self::$opened = null;

        parent::onNotSuccessfulTest($thrown);
    }

    protected function browser(int $width = 1280, int $height = 800): Browser
    {
        return $this->browser ??= (self::$opened ??= Browser::open((string) getenv('KITE_CHROMEDRIVER')))->anew($width, $height, $this->consoleAddress(''));
    }

    /** The same browser as somebody else's, who is signed in nowhere. */
    protected function browserAnew(): Browser
    {
        return $this->browser()->anew(1280, 800, $this->consoleAddress(''));
    }

    protected function signedIn(int $width = 1280): Browser
    {
        return $this->signIn($this->browser($width), $this->person);
    }

    protected function atTheConsole(int $width = 1280): Browser
    {
        return $this->signedIn($width)->goTo($this->consoleAddress('/'))->seeing('Offers');
    }

    /** By a session that was begun for them; what the page of signing in does has tests of its own. */
    protected function signIn(Browser $browser, Person $person): Browser
    {
        ['name' => $name, 'value' => $value] = $this->beginSession($person);

        return $browser->keepCookie($this->consoleAddress('/'), $name, $value);
    }

    protected function consoleAddress(string $path): string
    {
        return "http://seller.localhost:{$this->port()}{$path}";
    }

    protected function standinAddress(string $name, string $path): string
    {
        return "http://{$name}.localhost:{$this->port()}{$path}";
    }

    /** At the checkout: who they are, where it goes, and the payment to its end. */
    protected function pays(Browser $browser): Browser
    {
        return $browser->type('E-mail', 'ada@letters.example')->type('Name', 'Ada Nwosu-Reed')->type('Street', '12 Chandler Court')->type('Town', 'Tarnmouth')->choose('Country', 'GB')
            ->click('Pay ')->arrivingAt('pay.localhost')->click('Authorise')->arrivingAt('/thanks/');
    }

    /** Runs axe-core on the page, after WCAG 2.2 A and AA and its best practices. */
    protected function assertAccessible(Browser $browser, string $what): void
    {
        $browser->evaluate((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $found = $browser->driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, { resultTypes: ["violations"], preload: false }).then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.map((n) => n.html + " " + n.failureSummary).join(" | "))))',
        );

        self::assertSame([], $found, "axe-core on {$what}");
        // What is sent of a form within a form is sent of both, and HTML has no such thing.
        self::assertSame(0, $browser->count('form form'), "a form within a form on {$what}");
    }

    /** @return list<string> all complaints but those of requests whose refusal is the answer the page shows */
    private function complaints(Browser $browser): array
    {
        return array_values(array_filter(
            $browser->complaints(),
            static fn (string $complaint): bool => preg_match('/the server responded with a status of (401|404|409|410|422)/', $complaint) !== 1,
        ));
    }

    private function port(): string
    {
        $port = config('kite.port');

        return is_scalar($port) ? (string) $port : '';
    }
}
