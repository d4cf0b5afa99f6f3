<?php

declare(strict_types=1);

namespace App\Carts;

use App\Secrets;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/** The browser that owns carts, known by a cookie of 128 random bits. Nobody gets one before there is a cart. */
final readonly class Visitor
{
    private const COOKIE = 'kite_visitor';

    private const DAYS = 30;

    private function __construct(
        private string $token,
        /** Whether this browser brought no cookie along. */
        public bool $isNew,
    ) {}

    public static function of(Request $request): self
    {
        $token = $request->cookies->get(self::COOKIE);

        return is_string($token) && preg_match('/\A[A-Za-z0-9_-]{22}\z/', $token) === 1
            ? new self($token, false)
            : new self(Secrets::token(), true);
    }

    /** What the database keeps: whoever reads it can't open a cart with it. */
    public function digest(): string
    {
        return hash('sha256', $this->token);
    }

    /** Host-only; Lax, so that the browser brings it along when another site's link leads here. */
    public function cookie(): Cookie
    {
        return Cookie::create(self::COOKIE, $this->token, now()->addDays(self::DAYS), '/', null, config('kite.scheme') === 'https', true, false, Cookie::SAMESITE_LAX);
    }
}
