<?php

declare(strict_types=1);

namespace App\Http;

use Closure;

/** Does work once the answer has been sent. Should the server die in between, it is not done: nobody was promised it. */
final class AfterAnswer
{
    /** @param  Closure(): mixed  $work */
    public static function do(Closure $work): void
    {
        $isDone = false;
        app()->terminating(static function () use ($work, &$isDone): void {
            if (! $isDone) {
                $isDone = true;
                $work();
            }
        });
    }
}
