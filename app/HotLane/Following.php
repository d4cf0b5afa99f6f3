<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\AddLines;
use App\Carts\NewCartLimit;
use App\Carts\VisitorCarts;
use App\Clicks\FillCart;
use App\Clicks\FollowStraight;
use App\Clicks\RecentClicks;
use App\Database\InTransaction;
use App\Database\OwnConnection;
use App\Results\RecordEvent;
use App\Time\Clock;
use Illuminate\Cache\ApcStore;
use Illuminate\Cache\ApcWrapper;
use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\Repository;
use Illuminate\Database\QueryException;
use PDOException;

/** What follows a click that adds, put together of the application's parts without the framework. */
final readonly class Following
{
    /** @return FollowStraight|null `null` where the database does not answer */
    public static function of(RecentClicks $recent, Clock $clock, int $sameClickSeconds): ?FollowStraight
    {
        $settings = Settings::ofDatabase();
        try {
            $db = $settings === null ? null : OwnConnection::to($settings[0]);
            $db?->getPdo();
        } catch (PDOException) {
            return null;
        }
        if ($settings === null || $db === null) {
            return null;
        }
        [, $cachePrefix, $newCartsPerMinute] = $settings;
        // What can't be written here is the framework's to answer, which tells the operator.
        $record = new RecordEvent($db, $clock, static fn (QueryException $failure) => throw $failure);
        $limit = new NewCartLimit(new RateLimiter(new Repository(new ApcStore(new ApcWrapper, $cachePrefix))), $newCartsPerMinute);

        return new FollowStraight($recent, new FillCart(new VisitorCarts($limit, $db), $limit, new AddLines($db), $record, new InTransaction($db), $db, $clock, $sameClickSeconds));
    }
}
