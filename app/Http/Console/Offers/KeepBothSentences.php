<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\WhenOvertaken;
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
        if (! $offer instanceof Offer || ! is_int($seen)) {
            return $next($request);
        }
        $mine = array_diff_key($request->all(), ['version' => true, 'country' => true]);

        return WhenOvertaken::again(static fn (): int => $offer->refresh()->version, static function (int $now) use ($request, $next, $offer, $seen, $mine): Response {
            $merge = $seen === $now ? null : self::joined($offer, $seen, $mine);
            $request->merge($merge === null || $merge->clashes !== [] ? [] : ['version' => $now] + $merge->form);

            return $next($request);
        });
    }

    /** @param  array<mixed>  $mine */
    private static function joined(Offer $offer, int $seen, array $mine): ?FormMerge
    {
        $versions = OfferVersion::query()->where('offer_id', $offer->id)->whereIn('version', [$seen, $offer->version])->get()->keyBy('version');
        [$base, $theirs] = [$versions->get($seen)?->entry, $versions->get($offer->version)?->entry];

        return $base === null || $theirs === null ? null : FormMerge::of($base, $theirs, $mine);
    }
}
