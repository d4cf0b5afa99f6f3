<?php

declare(strict_types=1);

namespace App\Http;

use App\Changes\ChangedMeanwhile;
use App\Database\Busy;
use App\Database\Contention;
use App\Models\Shop;
use App\Operator\ReportQuery;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Words\Wording;
use Symfony\Component\HttpFoundation\Response as Answer;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What is said when a request can't be served: a sentence for a program, a page for a person. */
final class ErrorPages
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontFlash(['password', 'new_password', 'code']);
        $exceptions->report(static function (QueryException $failure): bool {
            app(ReportQuery::class)($failure);

            return false;
        });
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => self::isForProgram($request));
        $exceptions->render(static fn (ThrottleRequestsException $thrown, Request $request) => response()->json(
            ['message' => 'That was tried too often; wait a minute and try again.'],
            429,
            $thrown->getHeaders(),
        ));
        $exceptions->render(static fn (AuthenticationException $thrown, Request $request): ?JsonResponse => self::isForProgram($request) ? self::sentence(401) : null);
        // What somebody may not do there, they are told why.
        $exceptions->render(static fn (AccessDeniedHttpException $thrown, Request $request): ?JsonResponse => self::isForProgram($request) && $thrown->getPrevious() instanceof AuthorizationException
            ? response()->json(['message' => $thrown->getMessage()], 403)
            : null);
        $exceptions->render(static fn (HttpExceptionInterface $thrown, Request $request): Response|JsonResponse => self::isForProgram($request)
            ? self::sentence($thrown->getStatusCode())
            : self::page($thrown->getStatusCode()));
        self::registerContention($exceptions);
        // What nobody foresaw: the framework's own answer would say nothing to a person.
        $exceptions->respond(static fn (Answer $answer, Throwable $thrown, Request $request): Answer => match (true) {
            $answer->getStatusCode() !== 500 => $answer,
            self::isForProgram($request) => self::sentence(500),
            config()->boolean('app.debug') => $answer,
            default => self::page(500),
        });
    }

    /** Two at the same thing: one waits too long, saves what has changed, or takes a name that is taken by then. */
    private static function registerContention(Exceptions $exceptions): void
    {
        $exceptions->render(static fn (Throwable $thrown, Request $request): Response|JsonResponse|null => match (true) {
            ! $thrown instanceof Busy && Contention::of($thrown) === null => null,
            self::isForProgram($request) => self::sentence(503),
            default => self::page(503),
        });
        $exceptions->dontReport(ChangedMeanwhile::class);
        $exceptions->render(static fn (ChangedMeanwhile $changed) => response()->json(['message' => $changed->getMessage(), 'version' => $changed->version], 409));
        // Two made one of a kind at the same moment: the database let one of them.
        $exceptions->render(static fn (UniqueConstraintViolationException $thrown, Request $request): ?JsonResponse => self::isForProgram($request)
            ? response()->json(['message' => 'Somebody has just taken this name or code; choose another.'], 422)
            : null);
    }

    private static function isForProgram(Request $request): bool
    {
        return $request->is('api/*') || $request->expectsJson();
    }

    /** For the console, which shows it as it is, and for programs. */
    public static function sentence(int $status): JsonResponse
    {
        return response()->json(['message' => match ($status) {
            401 => 'You are signed out. Sign in again, then go on here; nothing is lost.',
            403 => 'This is not yours to change.',
            404, 405 => 'Nothing is here. It may have been removed, or the address is mistyped.',
            413 => 'What was sent is larger than is taken here. Send less.',
            503 => 'Many are at the same thing just now. Nothing was changed; try again in a moment.',
            419 => 'This page was open for very long. Try once more; nothing is lost.',
            default => 'The server could not do this. Nothing was lost; try again in a moment.',
        }], $status);
    }

    private static function page(int $status): Response
    {
        $shop = app()->bound(Shop::class) ? app(Shop::class) : null;
        // Where the database can't be asked for a shop's own words, that is no reason to say nothing.
        $say = $shop === null ? Wording::english() : rescue(static fn (): Wording => $shop->wording(), Wording::english(), false);
        [$title, $text] = match ($status) {
            403 => [$say->say('failed.from_elsewhere'), $say->say('failed.from_elsewhere_what')],
            404, 405 => [$say->say('failed.nothing'), $say->say('failed.nothing_what')],
            429 => [$say->say('failed.moment'), $say->say('failed.often')],
            503 => [$say->say('failed.moment'), $say->say('failed.many')],
            413 => [$say->say('failed.large'), $say->say('failed.large_what')],
            default => [$say->say('failed.wrong'), $say->say('failed.wrong_what')],
        };

        return response()->view('message', [
            'shop' => $shop,
            'say' => $say,
            'title' => $title,
            'text' => $text,
        ], $status === 405 ? 404 : $status, ['X-Robots-Tag' => 'noindex', 'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'; frame-ancestors 'none'; base-uri 'none'"]);
    }
}
