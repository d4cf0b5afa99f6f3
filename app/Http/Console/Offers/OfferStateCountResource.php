<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;

#[OA\Schema(schema: 'OfferStateCount')]
final readonly class OfferStateCountResource
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/OfferState')]
        public OfferState $state,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'Null: more is found than is counted.', type: 'integer', nullable: true)]
        public ?int $count,
    ) {}
}
