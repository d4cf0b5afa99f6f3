<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Offers\ChangedOffers;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChangedOffers')]
final readonly class ChangedOffersResource
{
    /**
     * @param  list<OfferChangeResource>  $before
     * @param  list<OfferThatStayedResource>  $stayed
     */
    private function __construct(
        #[OA\Property(description: 'What takes it back, of each that was changed.', type: 'array', items: new OA\Items(ref: OfferChangeResource::class))]
        public array $before,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OfferThatStayedResource::class))]
        public array $stayed,
    ) {}

    public static function of(ChangedOffers $changed): self
    {
        return new self(
            array_map(OfferChangeResource::of(...), $changed->before),
            array_map(static fn (int $offer, string $why) => new OfferThatStayedResource($offer, $why), array_keys($changed->stayed), $changed->stayed),
        );
    }
}
