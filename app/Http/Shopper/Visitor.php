<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Carts\CartOwner;
use App\Text\Secrets;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/** The browser that owns carts, known by a cookie of 128 random bits. Nobody gets one before there is a cart. */
final readonly class Visitor
{
    private const COOKIE = 'kite_visitor';

    private const KEPT_FOR = '+30 days';

    private function __construct(
        /** What the cookie holds. */
        public string $secret,
        private bool $isNew,
        private bool $isOverTls,
    ) {}

    public static function of(Request $request): self
    {
        $isOverTls = self::isOverTls();
        // Refuses a cookie that is a list.
        $token = $request->cookies->get(self::name($isOverTls));

        return self::among([self::name($isOverTls) => $token], $isOverTls) ?? self::new($isOverTls);
    }

    /**
     * @param  array<mixed>  $cookies  by name
     * @return self|null `null` where nobody is known
     */
    public static function among(array $cookies, bool $isOverTls): ?self
    {
        $token = $cookies[self::name($isOverTls)] ?? null;

        return is_string($token) && preg_match('/\A[A-Za-z0-9_-]{22}\z/', $token) === 1 ? new self($token, false, $isOverTls) : null;
    }

    /** With a value that nobody has seen: what was known before somebody signed in opens nothing afterwards. */
    public static function unknown(): self
    {
        return self::new(self::isOverTls());
    }

    public static function new(bool $isOverTls): self
    {
        return new self(Secrets::token(), true, $isOverTls);
    }

    /** Known by a secret that was made for whoever brings another one, so that they are the same when they bring it again. */
    public static function bringing(Request $request, string $secret, string $key): self
    {
        $known = self::of($request);

        return $known->isNew ? new self(substr(strtr(base64_encode(hash_hmac('sha256', "visitor {$secret}", $key, true)), '+/', '-_'), 0, 22), true, $known->isOverTls) : $known;
    }

    /** The database keeps a digest of the cookie: whoever reads it can't open a cart with it. */
    public function owner(): CartOwner
    {
        return new CartOwner(hash('sha256', $this->secret), $this->isNew);
    }

    /** Host-only; Lax, so that the browser brings it along when another site's link leads here. */
    public function cookie(): Cookie
    {
        return Cookie::create(self::name($this->isOverTls), $this->secret, self::KEPT_FOR, '/', null, $this->isOverTls, true, false, Cookie::SAMESITE_LAX);
    }

    /** The prefix has the browser take it from this host alone, and over TLS alone (RFC 6265bis, 4.1.3.2). */
    private static function name(bool $isOverTls): string
    {
        return $isOverTls ? '__Host-'.self::COOKIE : self::COOKIE;
    }

    private static function isOverTls(): bool
    {
        return config('kite.scheme') === 'https';
    }
}
