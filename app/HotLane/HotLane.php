<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\Caller;
use App\Carts\TooManyCarts;
use App\Clicks\CountClick;
use App\Clicks\FollowStraight;
use App\Clicks\RecentClicks;
use App\Clicks\Straight;
use App\Database\Busy;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Time\Clock;
use Illuminate\Database\QueryException;
use PaperKite\Link\Visit;
use PDOException;

/**
 * Answers a click on a link that only leads on before the framework starts: with what the framework answered to the one
 * before it, and a line in the spool. It knows no rule of its own; whatever is not kept, or not simple, it leaves to the
 * framework, which gives the same answer and keeps it.
 *
 * @phpstan-import-type Sent from Reply
 */
final class HotLane
{
    /**
     * @param  array<mixed>  $server  as PHP is told of the request
     * @param  array<mixed>  $cookies  by name
     * @return Sent|null the answer, once the click is counted; `null` where the framework has to give it
     */
    public static function answer(array $server, array $cookies): ?array
    {
        $settings = Settings::kept();
        $headers = RequestHeaders::told($server);
        $address = $server['REQUEST_URI'] ?? null;
        if ($settings === null || ! isset($headers['host']) || ! is_string($address) || ($server['REQUEST_METHOD'] ?? '') !== 'GET'
            || ($cookies !== [] && array_filter($cookies, is_array(...)) !== []) || ! Visit::isNavigation('GET', $headers)) {
            return null;
        }
        [$key, $seconds, $isOverTls, $proxies, $countryHeader, $clockFile] = $settings;
        $caller = ReadCaller::told($server, $headers, $proxies, $key, $countryHeader);
        $at = Clock::secondsBy($clockFile);
        $kept = $caller === null ? null : KeptAnswers::find($headers['host'], $address, $caller, $at);
        if ($caller === null || $kept === null) {
            return null;
        }
        $visitor = $cookies === [] ? null : Visitor::among($cookies, $isOverTls);
        $recent = new RecentClicks($key, $seconds);
        if ($kept['straight'] !== null) {
            return self::added($kept, $kept['straight'], $visitor ?? Visitor::new($isOverTls), $caller, Following::of($recent, new Clock($clockFile), $seconds), $recent);
        }

        // Where the disk is full, the framework counts in the database, which may still have room.
        return CountClick::once($recent, $kept['placement'], $visitor?->owner(), $caller, $kept['spool_file'], $kept['line']) ? $kept : null;
    }

    /**
     * @param  Sent  $before
     * @return Sent|null
     */
    private static function added(array $before, Straight $way, Visitor $visitor, Caller $caller, ?FollowStraight $follow, RecentClicks $recent): ?array
    {
        try {
            return $follow === null ? null : Reply::leadingTo($before, $follow->clicked($way, $visitor->owner(), $caller), $visitor->secret);
        } catch (TooManyCarts|Busy|QueryException) {
            // The transaction has ended without a trace: the framework does it anew, and says what is wrong.
            $recent->forget($way->placementId, $visitor->owner(), $caller);

            return null;
        } catch (PDOException) {
            return Reply::unsure();
        }
    }
}
