<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Input;
use App\Models\Person;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use PaperKite\Text\EmailAddress;

/** How often one person, or one address, may ask for what costs something or guesses at secrets. */
final class LimitServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        RateLimiter::for('button-trial', static fn (Request $request): Limit => Limit::perMinute(10)->by(self::from($request, 'button-trial')));
        RateLimiter::for('pictures', static fn (Request $request): Limit => Limit::perHour(600)->by(self::ofWhom($request, 'pictures')));
        RateLimiter::for('item-page', static fn (Request $request): Limit => Limit::perMinute(20)->by(self::ofWhom($request, 'item-page')));
        RateLimiter::for('set-up', static fn (Request $request): Limit => Limit::perMinute(20)->by(self::from($request, 'set-up')));
        // Mail is not to be used to pester somebody.
        RateLimiter::for('password-link', static fn (Request $request): array => [
            Limit::perMinutes(30, 3)->by('password-link|'.hash('sha256', EmailAddress::keyOf(Input::text($request, 'email')))),
            Limit::perMinutes(30, 20)->by(self::from($request, 'password-link-from')),
        ]);
        RateLimiter::for('token', static fn (Request $request): Limit => Limit::perMinute(30)->by(self::from($request, 'token')));
        RateLimiter::for('password', static fn (Request $request): Limit => Limit::perMinute(10)->by(self::ofWhom($request, 'password')));
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by('sign-in|'.hash('sha256', EmailAddress::keyOf(Input::text($request, 'email')).'|'.$request->ip())),
            Limit::perMinute(30)->by(self::from($request, 'sign-in')),
        ]);
    }

    private static function from(Request $request, string $what): string
    {
        return "{$what}|{$request->ip()}";
    }

    /** Of the person who is signed in, wherever they are. */
    private static function ofWhom(Request $request, string $what): string
    {
        $person = $request->user();

        return $person instanceof Person ? "{$what}|{$person->id}" : self::from($request, $what);
    }
}
