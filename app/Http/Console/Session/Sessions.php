<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Models\Person;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use LogicException;

/** A person's session in one browser: begun, gone on with, ended. */
final readonly class Sessions
{
    private const KEY = 'session_key';

    public function begin(Request $request, Person $person): void
    {
        self::guard()->login($person);
        $request->session()->regenerate();
        $this->goOn($request, $person->session_key);
    }

    /** After all others were ended. */
    public function goOn(Request $request, string $key): void
    {
        $request->session()->put(self::KEY, $key);
    }

    public function end(Request $request): void
    {
        self::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    public static function isOver(Request $request, Person $person): bool
    {
        return $request->session()->get(self::KEY, '') !== $person->session_key;
    }

    private static function guard(): StatefulGuard
    {
        $guard = Auth::guard('web');

        return $guard instanceof StatefulGuard ? $guard : throw new LogicException('People sign in by session.');
    }
}
