<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

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
        // What counts the rows holds all of them: their ids alone, which an index has, and only the page's in full.
        $ids = (clone $query)->select("{$table}.id AS paged_id")->selectRaw('COUNT(*) OVER () AS rows_in_all')->forPage($page, $perPage);
        $rows = $query->getModel()->newQuery()->setEagerLoads($query->getEagerLoads());
        $rows->getQuery()->joinSub($ids, 'paged', 'paged_id', '=', "{$table}.id")->select("{$table}.*", 'rows_in_all')->orders = $query->getQuery()->orders;
        $rows->getQuery()->addBinding($query->getQuery()->getRawBindings()['order'], 'order');
        /** @var Collection<int, M> $found */
        $found = $rows->get();
        $counted = $found->first()?->getAttribute('rows_in_all');
        // Beyond the last page no row tells how many there are.
        $total = is_int($counted) ? $counted : ($page === 1 ? 0 : $query->toBase()->getCountForPagination());

        return new LengthAwarePaginator($found, $total, $perPage, $page);
    }
}
