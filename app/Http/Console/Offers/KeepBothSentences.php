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
    /** So many may be quicker, one after the other. */
    private const MOST_TRIES = 32;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $offer = $request->route('offer');
        $seen = $request->input('version');
        if (! $offer instanceof Offer || ! is_int($seen)) {
            return $next($request);
        }
        $mine = array_diff_key($request->all(), ['version' => true, 'country' => true]);
        for ($tries = 1; ; $tries++) {
            $now = $offer->version;
            $merge = $seen === $now ? null : self::joined($offer, $seen, $mine);
            $request->merge($merge === null || $merge->clashes !== [] ? [] : ['version' => $now] + $merge->form);
            $answer = $next($request);
            // Somebody may have saved once more in between: with that it is joined, too.
            if ($answer->getStatusCode() !== 409 || ($merge->clashes ?? []) !== [] || $tries === self::MOST_TRIES || $offer->refresh()->version === $now) {
                return $answer;
            }
        }
    }

    /** @param  array<mixed>  $mine */
    private static function joined(Offer $offer, int $seen, array $mine): ?FormMerge
    {
        $versions = OfferVersion::query()->where('offer_id', $offer->id)->whereIn('version', [$seen, $offer->version])->get()->keyBy('version');
        [$base, $theirs] = [$versions->get($seen)?->entry, $versions->get($offer->version)?->entry];

        return $base === null || $theirs === null ? null : FormMerge::of($base, $theirs, $mine);
    }
}
