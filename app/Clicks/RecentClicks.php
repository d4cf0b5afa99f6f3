<?php

declare(strict_types=1);

namespace App\Clicks;

use Illuminate\Http\Request;

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

    /** @param  string  $what  names what was clicked */
    public function isFirst(string $what, Request $request, ?string $visitor): bool
    {
        $who = $visitor ?? implode('|', [$request->ip(), $request->userAgent(), $request->headers->get('Accept-Language')]);

        return apcu_add('click-'.hash_hmac('sha256', "{$what}|{$who}", $this->key), true, $this->seconds);
    }
}
