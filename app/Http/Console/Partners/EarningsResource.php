<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\ChoiceResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Earnings')]
final readonly class EarningsResource
{
    /**
     * @param  list<EarnedResource>  $items
     * @param  list<ChoiceResource>  $by
     */
    public function __construct(
        #[OA\Property(description: 'Those first that brought most; by month the latest.', type: 'array', items: new OA\Items(ref: EarnedResource::class))]
        public array $items,
        #[OA\Property(description: 'By what they can be told apart.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $by,
        #[OA\Property(description: 'The first day, ISO 8601.')]
        public string $from,
        #[OA\Property(description: 'The last day.')]
        public string $until,
        #[OA\Property]
        public int $page,
        #[OA\Property]
        public int $pages,
        #[OA\Property]
        public int $total,
    ) {}
}
