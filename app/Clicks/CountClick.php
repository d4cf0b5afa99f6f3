<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Results\Spool;
use App\Results\SpooledAct;
use App\Results\SpooledLead;
use App\Time\Clock;
use PaperKite\Results\EventKind;

/**
 * Counts a click that puts nothing into a cart: once, however it is doubled, and in the spool, since a database that goes
 * away while a row is written leaves nobody knowing whether it was.
 */
final readonly class CountClick
{
    public function __construct(
        private RecentClicks $recent,
        private Spool $spool,
        private Clock $clock,
    ) {}

    /**
     * @param  string  $code  of what was clicked
     * @param  string  $in  the code of the display in which it was clicked; blank: it stands by itself
     * @return bool whether it is counted, now or a moment ago; false where the disk is full
     */
    public function __invoke(int $placementId, string $code, CartOwner $owner, Caller $caller, ?SpooledLead $lead = null, string $in = ''): bool
    {
        $at = $this->clock->seconds();

        return self::once($this->recent, $placementId, $owner, $caller, $this->spool->fileWithRoom($at), self::line($code, $caller, $at, $lead, $in));
    }

    /** @return string as the spool has it, the same for all that are alike in a quarter of an hour */
    public static function line(string $code, Caller $caller, int $at, ?SpooledLead $lead, string $in = ''): string
    {
        return (new SpooledAct(EventKind::Click, [$code], $caller->country, $caller->device(), $at, $in, $lead))->line();
    }

    /**
     * @param  CartOwner|null  $owner  `null`: who was never here
     * @param  string|null  $file  of the spool, for the hour of the click; `null` where it has no room
     * @param  string  $line  of the click, made before
     */
    public static function once(RecentClicks $recent, int $placementId, ?CartOwner $owner, Caller $caller, ?string $file, string $line): bool
    {
        if (! $recent->isFirstOn($placementId, $owner, $caller) || ($file !== null && Spool::appendTo($file, $line))) {
            return true;
        }
        $recent->forget($placementId, $owner, $caller);

        return false;
    }
}
