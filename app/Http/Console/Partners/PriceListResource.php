<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\ChoiceResource;
use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PriceList')]
final readonly class PriceListResource
{
    /**
     * @param  list<PriceResource>  $items
     * @param  list<PriceStateCountResource>  $states
     * @param  list<ChoiceResource>  $acts
     * @param  list<string>  $unwatched
     */
    public function __construct(
        #[OA\Property(description: 'What wants mending first.', type: 'array', items: new OA\Items(ref: PriceResource::class))]
        public array $items,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PriceStateCountResource::class))]
        public array $states,
        #[OA\Property(description: 'What can be done about several at once.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $acts,
        #[OA\Property(description: 'Marketplaces whose pages are not looked at, since the operator has not allowed it.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $unwatched,
        #[OA\Property]
        public Page $at,
    ) {}
}
