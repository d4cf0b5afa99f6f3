<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReportFault', description: 'A row of a report that could not be read.')]
final readonly class FaultResource
{
    public function __construct(
        #[OA\Property(description: 'Of the report, counted from 1.')]
        public int $row,
        #[OA\Property(description: 'What is wrong, and what to do.')]
        public string $sentence,
        #[OA\Property(description: 'As it stands there, with bars between cells.')]
        public string $cells,
        #[OA\Property(description: 'Whether there is nothing to mend.')]
        public bool $is_totals,
    ) {}
}
