<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Models\Shop;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Checkout\CheckoutSlug;
use Symfony\Component\HttpFoundation\Response;

/** Knows a shop's checkout by its present address; a former one leads on for good, with method and form kept (RFC 9110, 15.4.9). */
final readonly class KnowCheckout
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $shop = app(Shop::class);
        $slug = $request->route('checkout');
        if ($slug === $shop->checkout_slug) {
            $request->route()?->forgetParameter('checkout');

            return $next($request);
        }
        if ($slug !== CheckoutSlug::USUAL && DB::table('former_checkout_slugs')->where(['shop_id' => $shop->id, 'slug' => $slug])->doesntExist()) {
            abort(404);
        }
        $ref = $request->route('ref');
        $query = $request->getQueryString();

        return new RedirectResponse($shop->checkoutPath(is_string($ref) ? $ref : '').($query === null ? '' : "?{$query}"), $request->isMethod('GET') ? 301 : 308);
    }
}
