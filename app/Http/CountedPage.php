<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;

/** A page of a list together with the number of all its rows, in one query. */
final class CountedPage
{
    /**
     * @template M of Model
     *
     * @param  Builder<M>  $query
     * @return LengthAwarePaginator<int, M>
     */
    public static function of(Builder $query, int $perPage): LengthAwarePaginator
    {
        $page = Paginator::resolveCurrentPage();
        $table = $query->getModel()->getTable();
        /** @var Collection<int, M> $rows */
        $rows = (clone $query)->select("{$table}.*")->selectRaw('COUNT(*) OVER () AS rows_in_all')->forPage($page, $perPage)->get();
        $counted = $rows->first()?->getAttribute('rows_in_all');
        // Beyond the last page no row tells how many there are.
        $total = is_int($counted) ? $counted : ($page === 1 ? 0 : $query->toBase()->getCountForPagination());

        return new LengthAwarePaginator($rows, $total, $perPage, $page);
    }
}
