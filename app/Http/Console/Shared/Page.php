<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Model;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PageFacts', description: 'Where a page of a list stands.')]
final readonly class Page
{
    private function __construct(
        #[OA\Property]
        public int $page,
        #[OA\Property]
        public int $pages,
        #[OA\Property]
        public int $total,
        #[OA\Property(description: 'Whether there are more than `total`, which were not counted.')]
        public bool $is_more,
    ) {}

    /**
     * @template M of Model
     *
     * @param  LengthAwarePaginator<int, M>  $paginator
     */
    public static function of(LengthAwarePaginator $paginator): self
    {
        return new self($paginator->currentPage(), $paginator->lastPage(), $paginator->total(), $paginator instanceof FoundMore);
    }
}
