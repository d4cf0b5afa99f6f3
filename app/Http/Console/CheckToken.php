<?php

declare(strict_types=1);

namespace App\Http\Console;

use App\Http\ErrorPages;
use Closure;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A page whose token has run out is given a new one with the refusal, so that trying again helps; one whose session has ended is told that. */
final class CheckToken extends ValidateCsrfToken
{
    /** A page in a frame changes nothing. */
    protected $except = ['preview/*'];

    public function handle($request, Closure $next): Response
    {
        try {
            $answer = parent::handle($request, $next);
        } catch (TokenMismatchException) {
            $answer = $this->addCookieToResponse($request, ErrorPages::sentence($this->needsNoSession($request) || Auth::check() ? 419 : 401));
        }

        return $answer instanceof Response ? $answer : throw new \LogicException('Every middleware answers.');
    }

    private function needsNoSession(Request $request): bool
    {
        return $request->is('api/sign-in', 'api/set-up', 'api/password-links', 'api/password-links/*', 'api/invitations/*');
    }
}
