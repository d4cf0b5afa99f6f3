<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Closure;
use Symfony\Component\HttpFoundation\Response;

/** Tries a save again that was refused since somebody was quicker, until nobody is. */
final class WhenOvertaken
{
    /** So many may be quicker, one after the other. */
    private const MOST_TRIES = 32;

    /**
     * @param  Closure(): int  $version  the one that stands
     * @param  Closure(int): Response  $save  on top of a version
     */
    public static function again(Closure $version, Closure $save): Response
    {
        for ($tries = 1; ; $tries++) {
            $answer = $save($now = $version());
            if ($answer->getStatusCode() !== 409 || $tries === self::MOST_TRIES || $version() === $now) {
                return $answer;
            }
        }
    }
}
