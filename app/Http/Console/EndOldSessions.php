<?php

declare(strict_types=1);

namespace App\Http\Console;

use App\Http\Console\Session\Sessions;
use App\Models\Person;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A session that its person has ended elsewhere is over, wherever it began. */
final readonly class EndOldSessions
{
    public function __construct(private Sessions $sessions) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user('web');
        if ($person instanceof Person && Sessions::isOver($request, $person)) {
            $this->sessions->end($request);
        }

        return $next($request);
    }
}
