<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\LookBook;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Offers\OfferSnippets;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Sentence;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'Offer')]
final readonly class OfferResource
{
    /**
     * @param  list<OfferState>  $next_states
     * @param  list<PlacementResource>  $placements
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(ref: '#/components/schemas/OfferState')]
        public OfferState $state,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/OfferState'))]
        public array $next_states,
        #[OA\Property(description: 'Counts the changes.')]
        public int $version,
        #[OA\Property(description: 'As it stands on the desk.')]
        public OfferForm $entry,
        #[OA\Property(description: 'What the seller has decided, in one sentence.')]
        public string $decided,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlacementResource::class))]
        public array $placements,
    ) {}

    /** @param  Offer  $offer  with all that its sentence needs */
    public static function of(Offer $offer, Shop $shop, LookBook $looks, Moment $at): self
    {
        $snippets = OfferSnippets::of($offer, $shop, $looks, $at);

        return new self(
            $offer->id,
            $offer->state,
            $offer->state->next(),
            $offer->version,
            OfferForm::of($offer),
            Sentence::decided($offer->toCore($shop, $looks->chosen($offer->look_id)->name))->text(),
            array_values($offer->placements->map(fn (Placement $placement) => PlacementResource::of($placement->setRelation('offer', $offer), $snippets, $shop))->all()),
        );
    }
}
