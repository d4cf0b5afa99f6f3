<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Payments\PaymentProvider;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers of every page that shoppers see. A controller may set a stricter or an opener one first. */
final readonly class ShopperHeaders
{
    public function __construct(
        private PaymentProvider $provider,
        private OwnStyle $style,
    ) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach ([
            // What only leads on shows nothing.
            'Content-Security-Policy' => $response->isRedirect() ? "default-src 'none'; frame-ancestors 'none'" : $this->policy(),
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'no-referrer',
            'Cache-Control' => 'no-store, private',
        ] as $name => $value) {
            if (! $response->headers->has($name) || ($name === 'Cache-Control' && ! self::saysHowLong($response))) {
                $response->headers->set($name, $value);
            }
        }

        return $response;
    }

    private function policy(): string
    {
        // A form's redirect is held to form-action as well, and paying leads to the provider's page.
        return "default-src 'none'; script-src 'self'; style-src 'self'{$this->ownStyle()}; img-src 'self'; media-src 'self'; font-src 'self'; connect-src 'self'; "
            .rtrim("form-action 'self' {$this->provider->origin()}")."; base-uri 'none'; frame-ancestors 'none'";
    }

    private function ownStyle(): string
    {
        return $this->style->source() === '' ? '' : " {$this->style->source()}";
    }

    /** The framework writes a header of its own where nobody has. */
    private static function saysHowLong(Response $response): bool
    {
        return $response instanceof OutAnswer || $response->headers->hasCacheControlDirective('public');
    }
}
