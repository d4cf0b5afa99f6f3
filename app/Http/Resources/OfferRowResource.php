<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\TypicalBill;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'OfferRow', description: 'An offer in the list.')]
final readonly class OfferRowResource
{
    /**
     * @param  list<SegmentResource>  $sentence
     * @param  list<string>  $pages
     * @param  list<int>  $trace
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(ref: '#/components/schemas/OfferState')]
        public OfferState $state,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SegmentResource::class))]
        public array $sentence,
        #[OA\Property(description: 'Where it is placed.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $pages,
        #[OA\Property(description: 'Clicks of the last 30 days, the oldest first.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $trace,
    ) {}

    /** @param  list<int>  $trace */
    public static function of(Offer $offer, Shop $shop, array $trace): self
    {
        $core = $offer->toCore();
        $pages = array_values($offer->placements->map(fn (Placement $placement): string => $placement->page)->all());

        return new self($offer->id, $offer->state, SegmentResource::listOf(Sentence::of($core, TypicalBill::of($core, $shop->rules(), $shop->home_country, Moment::ofSeconds((int) now()->getTimestamp())), $pages)), $pages, $trace);
    }
}
