<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OfferList')]
final readonly class OfferListResource
{
    /**
     * @param  list<OfferRowResource>  $items
     * @param  list<OfferLookResource>  $looks
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: OfferRowResource::class))]
        public array $items,
        #[OA\Property]
        public Page $at,
        #[OA\Property(description: 'The looks of the shop.', type: 'array', items: new OA\Items(ref: OfferLookResource::class))]
        public array $looks,
    ) {}
}
