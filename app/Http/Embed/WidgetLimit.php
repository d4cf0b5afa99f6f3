<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Shop;
use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** How often a page may ask for what a cart holds, or change it: by the cart, and by the address, behind which many may sit. */
final readonly class WidgetLimit
{
    public const SECONDS = 60;

    private const PER_CART = 120;

    public function __construct(
        private RateLimiter $limiter,
        private ReadCaller $caller,
        private Shop $shop,
        private int $perAddress,
    ) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $token = Input::text($request, 'token');
        $limits = ["widget-address-{$this->address($request)}" => $this->perAddress] + ($token === '' ? [] : ['widget-cart-'.hash('sha256', $token) => self::PER_CART]);
        foreach ($limits as $key => $most) {
            if ($this->limiter->hit($key, self::SECONDS) > $most) {
                return new JsonResponse(new RefusalResource($this->shop->wording()->say('notice.moment_what')), Response::HTTP_TOO_MANY_REQUESTS, ['Retry-After' => (string) self::SECONDS]);
            }
        }

        return $next($request);
    }

    private function address(Request $request): string
    {
        return ($this->caller)($request)->address;
    }
}
