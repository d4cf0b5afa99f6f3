<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Offers\OfferChange;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;

#[OA\Schema(schema: 'OfferChange', description: 'A state, or a look.')]
final readonly class OfferChangeResource
{
    private function __construct(
        #[OA\Property]
        public int $offer,
        #[OA\Property(ref: '#/components/schemas/OfferState', nullable: true, description: 'Null: the look is changed.')]
        public ?OfferState $state,
        #[OA\Property(description: 'Null: the shop’s default, where the look is changed.')]
        public ?int $look,
    ) {}

    public static function of(OfferChange $change): self
    {
        return new self($change->offer, $change->state, $change->look);
    }
}
