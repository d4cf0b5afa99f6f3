<?php

declare(strict_types=1);

use App\Console\Scheduled;
use App\Http\Console\CheckToken;
use App\Http\Console\ConsoleHeaders;
use App\Http\Console\EndOldSessions;
use App\Http\Embed\EmbedHeaders;
use App\Http\ErrorPages;
use App\Http\Shopper\FindShop;
use App\Http\Shopper\SameOrigin;
use App\Http\Shopper\ShopperHeaders;
use App\Http\TrustListedProxies;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\ValidatePathEncoding;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: function (): void {
        // What can be none of ours leads nowhere, before a database is asked for it: a column of ASCII can't be compared with more.
        Route::patterns([
            ...array_fill_keys(['shop', 'reference', 'token'], '[0-9A-Za-z_-]{1,64}'),
            ...array_fill_keys(['offer', 'product', 'placement', 'look', 'priceTable', 'coupon', 'order', 'person', 'invitation'], '[0-9]{1,18}'),
        ]);
        Route::domain(config()->string('kite.console_host'))->middleware('console')->group(base_path('routes/console.php'));
        Route::group([], base_path('routes/embed.php'));
        Route::group([], base_path('routes/shop.php'));
    })
    ->withMiddleware(function (Middleware $middleware): void {
        // Text is kept to the byte, so nothing trims or empties what was sent; the core says what it takes.
        $middleware->use([ValidatePathEncoding::class, TrustListedProxies::class, ValidatePostSize::class]);
        $middleware->group('console', [
            ConsoleHeaders::class,
            EncryptCookies::class,
            AddQueuedCookiesToResponse::class,
            StartSession::class,
            EndOldSessions::class,
            CheckToken::class,
            SubstituteBindings::class,
        ]);
        $middleware->group('embed', [EmbedHeaders::class, FindShop::class]);
        $middleware->group('shopper', [ShopperHeaders::class, FindShop::class, SameOrigin::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withSchedule(Scheduled::register(...))
    ->withExceptions(function (Exceptions $exceptions): void {
        ErrorPages::register($exceptions);
    })
    ->withCommands([base_path('app/Console/Commands')])
    ->create();
