<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\LookBook;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\ShortForm;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'OfferRow', description: 'An offer in the list.')]
final readonly class OfferRowResource
{
    /**
     * @param  list<SegmentResource>  $sentence
     * @param  list<PlaceResource>  $places
     * @param  list<int>  $trace
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(ref: '#/components/schemas/OfferState')]
        public OfferState $state,
        #[OA\Property]
        public OfferShortResource $short,
        #[OA\Property(description: 'The look that it wears: its own, or the shop’s default.')]
        public int $look,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SegmentResource::class))]
        public array $sentence,
        #[OA\Property(description: 'The steps from the click to the payment, as a sentence.')]
        public string $way,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlaceResource::class))]
        public array $places,
        #[OA\Property(description: 'Clicks of the last 30 days, the oldest first.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $trace,
    ) {}

    /** @param  list<int>  $trace */
    public static function of(Offer $offer, Shop $shop, LookBook $looks, array $trace, Moment $at): self
    {
        $look = $looks->chosen($offer->look_id);
        $core = $offer->toCore($shop, $look->name);
        $bill = $core->destination->bill($shop->rules(), $shop->home_country, $at)->receipt;
        $pages = array_values($offer->placements->map(fn (Placement $placement): string => $placement->page)->all());

        return new self(
            $offer->id,
            $offer->state,
            OfferShortResource::of(ShortForm::of($core, $bill)),
            $look->id,
            SegmentResource::listOf(Sentence::of($core, $bill, $pages)),
            $core->way()->words(),
            array_values($offer->placements->map(fn (Placement $placement) => PlaceResource::of($placement))->all()),
            $trace,
        );
    }
}
