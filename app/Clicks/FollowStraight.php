<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\TooManyCarts;
use App\Results\Event;

/** Does what a click does that adds: counts once, adds once, and leads on. */
final readonly class FollowStraight
{
    public function __construct(
        private RecentClicks $recent,
        private FillCart $fill,
    ) {}

    /**
     * @return string the address that the shopper goes on to; it carries no instruction to add
     *
     * @throws TooManyCarts
     */
    public function clicked(Straight $way, CartOwner $owner, Caller $caller): string
    {
        // The second half of a double click counts no more; asked before any transaction, which may run twice.
        $isFirst = $this->recent->isFirstOn($way->placementId, $owner, $caller);

        return $this->filled($way, $owner, $caller, $isFirst ? Did::click($way->shop, $way->filling->source, $caller) : null);
    }

    /**
     * After the shopper has said which, or how many. The click was counted when it came.
     *
     * @return string the address that the shopper goes on to
     *
     * @throws TooManyCarts
     */
    public function answered(Straight $way, CartOwner $owner, Caller $caller): string
    {
        return $this->filled($way, $owner, $caller, null);
    }

    /** @throws TooManyCarts */
    private function filled(Straight $way, CartOwner $owner, Caller $caller, ?Event $click): string
    {
        return $way->address(($this->fill)($way->shop, $owner, $caller, $way->filling, $click)->ref);
    }
}
