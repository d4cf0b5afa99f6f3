<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\Support\BuysByRequest;
use Tests\Support\Makes;
use Tests\Support\StatesCounted;
use Throwable;

/** A test of the running servers, each with a shop of its own, for which no browser is needed. */
abstract class ServedTestCase extends TestCase
{
    use BuysByRequest;
    use Makes;

    protected const PASSWORD = 'a long enough password';

    private const WAITED_TENTHS = 400;

    protected Shop $shop;

    protected Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        config(['database.connections.mariadb.database' => getenv('KITE_SERVED_DATABASE')]);
        DB::purge();
        $this->shop = $this->shop();
        $this->person = $this->person($this->shop, self::PASSWORD);
    }

    /** Whatever was done at once, or killed: what is written down of states is what there is. */
    protected function assertPostConditions(): void
    {
        // The database may have been killed meanwhile.
        DB::purge();
        self::assertSame([], StatesCounted::wrong());
    }

    /** Of the database itself, as its administrator. */
    protected static function administrator(): PDO
    {
        return new PDO('mysql:unix_socket='.getenv('KITE_DB_SOCKET'), 'root', options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** @param  callable(): bool  $isSo  may fail while a server is away */
    protected function waitUntil(callable $isSo): void
    {
        for ($tenth = 0; $tenth < self::WAITED_TENTHS; $tenth++) {
            try {
                if ($isSo()) {
                    return;
                }
            } catch (Throwable) {
                DB::purge();
            }
            usleep(100_000);
        }
        self::fail('It never came to be.');
    }
}
