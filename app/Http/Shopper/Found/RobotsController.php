<?php

declare(strict_types=1);

namespace App\Http\Shopper\Found;

use App\Models\Shop;
use Illuminate\Http\Response;
use PaperKite\Page\RobotsFile;

/** Programs that gather pages may look at goods, not at anybody's cart. */
final class RobotsController
{
    private const NOBODYS = ['/account', '/cancelled/', '/cart', '/events/', '/hand-over/', '/link/', '/return/', '/thanks/', '/to/'];

    public function __invoke(Shop $shop): Response
    {
        $text = RobotsFile::text([...self::NOBODYS, "/{$shop->checkout_slug}/"], "{$shop->base()}/sitemap.xml");

        return new Response($text, 200, ['Content-Type' => 'text/plain; charset=UTF-8', 'Cache-Control' => 'public, max-age=3600']);
    }
}
