<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\ChoiceResource;
use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReportList')]
final readonly class ReportListResource
{
    /**
     * @param  list<ReportResource>  $items
     * @param  list<ChoiceResource>  $marketplaces
     */
    public function __construct(
        #[OA\Property(description: 'The latest first.', type: 'array', items: new OA\Items(ref: ReportResource::class))]
        public array $items,
        #[OA\Property(description: 'Of which a report can be; by id.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $marketplaces,
        #[OA\Property]
        public Page $at,
    ) {}
}
