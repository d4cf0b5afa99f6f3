<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\AddLines;
use App\Carts\FindCart;
use App\Carts\NewCartLimit;
use App\Carts\VisitorCarts;
use App\Clicks\CountClick;
use App\Clicks\CountLedOn;
use App\Clicks\FillCart;
use App\Clicks\FollowPlacement;
use App\Clicks\RecentClicks;
use App\Database\InTransaction;
use App\Results\RecordEvent;
use App\Time\Clock;
use App\Time\ClockedDates;
use Illuminate\Cache\ApcStore;
use Illuminate\Cache\ApcWrapper;
use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\Repository;
use Illuminate\Container\Container;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionResolver;
use Illuminate\Database\Connectors\ConnectionFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Date;
use LogicException;
use PDO;
use PDOException;

/** What follows a click that adds, put together of the framework's parts without the framework. */
final readonly class Following
{
    private const DATABASE = 'mariadb';

    /** Functions that its classes call: they are in no class, and so can't be preloaded. */
    private const FUNCTIONS = [
        'compat/functions.php', 'vendor/symfony/polyfill-php83/bootstrap.php', 'vendor/symfony/polyfill-php84/bootstrap.php', 'vendor/laravel/framework/src/Illuminate/Collections/functions.php', 'vendor/laravel/framework/src/Illuminate/Collections/helpers.php',
        'vendor/laravel/framework/src/Illuminate/Support/functions.php', 'vendor/laravel/framework/src/Illuminate/Support/helpers.php',
    ];

    /** @return FollowPlacement|null `null` where the database does not answer */
    public static function of(Settings $settings, RecentClicks $recent, CountClick $count, Clock $clock): ?FollowPlacement
    {
        try {
            $db = self::database($settings, $clock);
            $db->getPdo();
        } catch (PDOException) {
            return null;
        }
        // What can't be written here is the framework's to answer, which tells the operator.
        $record = new RecordEvent($db, $clock, static fn (QueryException $failure) => throw $failure);
        $limit = new NewCartLimit(new RateLimiter(new Repository(new ApcStore(new ApcWrapper, $settings->cachePrefix))), $settings->newCartsPerMinute);

        return new FollowPlacement(
            $recent,
            new CountLedOn($count, $recent, $record),
            new FillCart(new VisitorCarts($limit, $db), $limit, new AddLines($db), $record, new InTransaction($db), $clock, $settings->sameClickSeconds),
            new FindCart,
        );
    }

    /** The framework's where it runs; else one that the worker keeps open from request to request. */
    private static function database(Settings $settings, Clock $clock): Connection
    {
        if (Model::getConnectionResolver() === null) {
            foreach (self::FUNCTIONS as $file) {
                require_once __DIR__."/../../{$file}";
            }
            $connection = (new ConnectionFactory(new Container))->make(array_replace_recursive($settings->database, ['options' => [PDO::ATTR_PERSISTENT => true]]), self::DATABASE);
            $resolver = new ConnectionResolver([self::DATABASE => $connection]);
            $resolver->setDefaultConnection(self::DATABASE);
            Model::setConnectionResolver($resolver);
            Model::unguard();
            Model::preventAccessingMissingAttributes();
            Date::use(new ClockedDates($clock));
        }
        $connection = Model::resolveConnection();

        return $connection instanceof Connection ? $connection : throw new LogicException('The database is one that has transactions.');
    }
}
