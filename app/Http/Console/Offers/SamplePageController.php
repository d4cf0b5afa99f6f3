<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use Illuminate\Http\Response;
use PaperKite\Medium\EmailButton;
use PaperKite\Medium\HtmlButton;
use PaperKite\Medium\Widget;

/** Somebody's page with what is pasted in it, to be clicked. Its scripts run as nobody: the page is of no origin. */
final readonly class SamplePageController
{
    public function __invoke(Shop $shop, Placement $placement, ReadLooks $looks, Clock $clock): Response
    {
        abort_unless(in_array($placement->medium, [(new HtmlButton)->key(), (new Widget)->key(), (new EmailButton)->key()], true), 404);
        $offer = Offer::query()->with(Offer::TOLD_WITH)->findOrFail($placement->offer_id);
        $snippet = OfferSnippets::of($offer, $shop, $looks($shop), $clock->moment())->snippet($placement);
        $base = $shop->base();

        return response(view('preview.sample', ['snippet' => $snippet, 'page' => $placement->page])->render(), 200, [
            'Content-Security-Policy' => "sandbox allow-scripts allow-forms allow-popups allow-popups-to-escape-sandbox; default-src 'none'; script-src {$base}; connect-src {$base}; style-src 'unsafe-inline'; img-src {$base} data:; font-src {$base}; base-uri 'none'; frame-ancestors 'none'",
        ]);
    }
}
