<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;

#[OA\Schema(schema: 'OfferStates')]
final readonly class OfferStatesResource
{
    /** @param  list<OfferStateCountResource>  $items */
    private function __construct(
        #[OA\Property(description: 'Each state, in the order in which they are shown.', type: 'array', items: new OA\Items(ref: OfferStateCountResource::class))]
        public array $items,
        #[OA\Property(description: 'How many copies of all no longer say what their offers say.')]
        public int $stale_copies,
    ) {}

    /** @param  array<string, int>|null  $counts  by state, where there are any; `null` where they are not counted */
    public static function of(?array $counts, int $staleCopies): self
    {
        return new self(array_map(static fn (OfferState $state): OfferStateCountResource => new OfferStateCountResource($state, ucfirst($state->value), $counts === null ? null : $counts[$state->value] ?? 0), [OfferState::Live, OfferState::Draft, OfferState::Paused, OfferState::Archived]), $staleCopies);
    }
}
