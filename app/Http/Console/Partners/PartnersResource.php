<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Partners\MarketplaceForm;
use OpenApi\Attributes as OA;
use PaperKite\Partner\ReferrerPolicy;

#[OA\Schema(schema: 'Partners')]
final readonly class PartnersResource
{
    /**
     * @param  list<MarketplaceResource>  $marketplaces
     * @param  list<ReadyPartnerResource>  $ready
     */
    public function __construct(
        #[OA\Property(description: 'By partner, then by name.', type: 'array', items: new OA\Items(ref: MarketplaceResource::class))]
        public array $marketplaces,
        #[OA\Property(description: 'Those that ship and are not all here yet.', type: 'array', items: new OA\Items(ref: ReadyPartnerResource::class))]
        public array $ready,
        #[OA\Property(description: 'What a new one begins with.')]
        public MarketplaceForm $blank,
        #[OA\Property(ref: '#/components/schemas/ReferrerPolicy', description: 'What pages that a click leads out to learn.')]
        public ReferrerPolicy $referrer_policy,
    ) {}
}
