<?php

declare(strict_types=1);

namespace App\Http\Shopper\Found;

use App\Models\Shop;
use Illuminate\Http\Response;

/**
 * Where programs that gather pages may look: at goods, not at anybody's cart.
 *
 * @see https://www.rfc-editor.org/rfc/rfc9309
 */
final class RobotsController
{
    private const NOBODYS = ['/account', '/cancelled/', '/cart', '/events/', '/hand-over/', '/link/', '/return/', '/thanks/', '/to/'];

    public function __invoke(Shop $shop): Response
    {
        $lines = ['User-agent: *', ...array_map(static fn (string $path): string => "Disallow: {$path}", [...self::NOBODYS, "/{$shop->checkout_slug}/"]), '', "Sitemap: {$shop->base()}/sitemap.xml", ''];

        return new Response(implode("\n", $lines), 200, ['Content-Type' => 'text/plain; charset=UTF-8', 'Cache-Control' => 'public, max-age=3600']);
    }
}
