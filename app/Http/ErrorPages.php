<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Shop;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** What is said when a request can't be served: a sentence for a program, a page for a person. */
final class ErrorPages
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontFlash(['password']);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->render(static fn (ThrottleRequestsException $thrown, Request $request) => response()->json(
            ['message' => 'That was tried too often; wait a minute and try again.'],
            429,
            $thrown->getHeaders(),
        ));
        $exceptions->render(static fn (HttpExceptionInterface $thrown, Request $request): ?Response => $request->is('api/*') || $request->expectsJson()
            ? null
            : self::page($thrown->getStatusCode()));
    }

    private static function page(int $status): Response
    {
        [$title, $text] = match ($status) {
            403 => ['This was not sent from here', 'The form came from another page than the shop’s own. Open the shop and try again.'],
            404, 405 => ['Nothing is here', 'The address leads nowhere. It may be mistyped, or what stood here is gone.'],
            413 => ['That was too much', 'What was sent is larger than this page takes. Send less.'],
            default => ['Something went wrong', 'The page could not be made. Nothing was lost; try again in a moment.'],
        };
        $shop = app()->bound(Shop::class) ? app(Shop::class) : null;

        return response()->view('message', [
            'shop' => $shop,
            'title' => $title,
            'text' => $text,
        ], $status === 405 ? 404 : $status, ['X-Robots-Tag' => 'noindex', 'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'; frame-ancestors 'none'; base-uri 'none'"]);
    }
}
