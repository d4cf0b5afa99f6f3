<?php

declare(strict_types=1);

namespace App\Http\Console;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The console's own page; its views are addresses of the front end. A shop's former slug leads to its present one. */
final readonly class ConsoleController
{
    public function __invoke(Request $request): View|RedirectResponse
    {
        $slug = $request->segment(1);
        $present = $slug === null || preg_match('/\A[a-z0-9-]+\z/', $slug) !== 1 ? null : DB::table('former_slugs')->join('shops', 'shops.id', '=', 'former_slugs.shop_id')->where('former_slugs.slug', $slug)->value('shops.slug');

        return is_string($present)
            ? new RedirectResponse('/'.$present.substr($request->getRequestUri(), strlen("/{$slug}")), 301)
            : view('console');
    }
}
