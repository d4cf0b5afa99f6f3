<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Page;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReportRows', description: 'What was read of a report.')]
final readonly class ReportRowsResource
{
    /**
     * @param  list<SaleResource>  $items
     * @param  list<FaultResource>  $faults
     */
    public function __construct(
        #[OA\Property]
        public ReportResource $report,
        #[OA\Property(description: 'What can’t be credited first.', type: 'array', items: new OA\Items(ref: SaleResource::class))]
        public array $items,
        #[OA\Property(description: 'The first 100 rows that are no sales.', type: 'array', items: new OA\Items(ref: FaultResource::class))]
        public array $faults,
        #[OA\Property]
        public Page $at,
    ) {}
}
