<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Models\Offer;
use App\Models\OfferVersion;
use Closure;
use Illuminate\Http\Request;
use PaperKite\Edit\FormMerge;
use Symfony\Component\HttpFoundation\Response;

/** Two people who changed different slots of an offer both keep their change; where both changed one, the second is shown both sentences. */
final class KeepBothSentences
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $offer = $request->route('offer');
        $seen = $request->input('version');
        if ($offer instanceof Offer && is_int($seen) && $seen !== $offer->version) {
            $versions = OfferVersion::query()->where('offer_id', $offer->id)->whereIn('version', [$seen, $offer->version])->get()->keyBy('version');
            [$base, $theirs] = [$versions->get($seen)?->entry, $versions->get($offer->version)?->entry];
            if ($base !== null && $theirs !== null) {
                $merge = FormMerge::of($base, $theirs, array_diff_key($request->all(), ['version' => true, 'country' => true]));
                $request->merge($merge->clashes === [] ? ['version' => $offer->version] + $merge->form : []);
            }
        }

        return $next($request);
    }
}
