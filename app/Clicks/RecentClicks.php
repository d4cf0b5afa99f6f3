<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\KeyedHash;

/**
 * Remembers for two seconds that a visitor clicked, so that a double click counts once.
 *
 * Kept in the memory that the workers of this machine share, under a keyed hash, and never on a disk: what it is
 * made from could tell a visitor.
 */
final readonly class RecentClicks
{
    public function __construct(
        private string $key,
        private int $seconds,
    ) {}

    /** @param  CartOwner|null  $owner  `null`: who was never here */
    public function isFirstOn(int $placementId, ?CartOwner $owner, Caller $caller): bool
    {
        return $this->isFirst("placement {$placementId}", $owner, $caller);
    }

    /** A click that could not be written down may come again. */
    public function forget(int $placementId, ?CartOwner $owner, Caller $caller): void
    {
        apcu_delete($this->keyOf("placement {$placementId}", $owner, $caller));
    }

    /** @param  string  $what  names what was clicked */
    public function isFirst(string $what, ?CartOwner $owner, Caller $caller): bool
    {
        return apcu_add($this->keyOf($what, $owner, $caller), true, $this->seconds);
    }

    private function keyOf(string $what, ?CartOwner $owner, Caller $caller): string
    {
        $who = $owner === null || $owner->isNew ? "{$caller->address}|{$caller->agent}|{$caller->languages}" : $owner->digest;

        return 'click-'.KeyedHash::of("{$what}|{$who}", $this->key);
    }
}
