<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\OfferState;

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
        #[OA\Property]
        public ProductResource $product,
        #[OA\Property]
        public int $quantity,
        #[OA\Property(ref: '#/components/schemas/Destination')]
        public Destination $destination,
        #[OA\Property(ref: '#/components/schemas/CartUse')]
        public CartUse $cart_use,
        #[OA\Property(description: 'Null where the destination’s own words are used.')]
        public ?string $caption,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlacementResource::class))]
        public array $placements,
    ) {}

    public static function of(Offer $offer, Shop $shop): self
    {
        return new self(
            $offer->id,
            $offer->state,
            $offer->state->next(),
            ProductResource::of($offer->product),
            $offer->quantity,
            $offer->destination,
            $offer->cart_use,
            $offer->caption,
            array_values($offer->placements->map(fn (Placement $placement) => PlacementResource::of($placement, $offer, $shop))->all()),
        );
    }
}
