<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;

/** A page of what a search finds. What nearly everything has is counted so far as anybody turns pages. */
final class FoundPage
{
    /**
     * @template M of Model
     *
     * @param  Builder<M>  $query  of things of the shop, in the order of the list
     * @param  Rows|int|null  $total  how many there are without a search, or a query for it, where that is written down
     * @return LengthAwarePaginator<int, M>
     */
    public static function of(Builder $query, Shop $shop, Kind $kind, string $typed, int $perPage, Rows|int|null $total = null): LengthAwarePaginator
    {
        if ($typed === '') {
            return CountedPage::of($query, $perPage, $total);
        }
        $along = clone $query;
        FindByWords::along($along->getQuery(), $query->qualifyColumn('id'), $kind, $typed);
        $total = $total instanceof Rows ? CountedPage::number($total) : $total;
        if ($total !== null && $total <= FindByWords::MOST_COUNTED) {
            return CountedPage::of($along, $perPage);
        }
        $ids = FindByWords::ids($shop, $kind, $typed);
        if (count($ids) <= FindByWords::MOST_COUNTED) {
            return CountedPage::of($query->whereKey($ids), $perPage);
        }
        $narrow = clone $query;
        FindByWords::in($narrow->getQuery(), $query->qualifyColumn('id'), $shop, $kind, $typed);

        return self::ofMany($query->whereKey($ids), FindByWords::common($shop, [$kind], $typed, FindByWords::MANY) === [] ? $narrow : $along, $perPage);
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $some  of those that are found, more than are counted; less what is not in the list
     * @param  Builder<M>  $found
     * @return LengthAwarePaginator<int, M>
     */
    private static function ofMany(Builder $some, Builder $found, int $perPage): LengthAwarePaginator
    {
        // Where all of those are in the list, there is nothing more to count.
        $total = self::count($some) > FindByWords::MOST_COUNTED ? FindByWords::MOST_COUNTED + 1 : self::count($found);
        $page = Paginator::resolveCurrentPage();
        $isBeyond = ($page - 1) * $perPage >= min($total, FindByWords::MOST_COUNTED);
        /** @var Collection<int, M> $rows */
        $rows = $isBeyond ? new Collection : $found->forPage($page, $perPage)->get();

        return $total > FindByWords::MOST_COUNTED
            ? new FoundMore($rows, FindByWords::MOST_COUNTED, $perPage, $page)
            : new LengthAwarePaginator($rows, $total, $perPage, $page);
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $found
     */
    private static function count(Builder $found): int
    {
        $some = (clone $found)->toBase()->reorder()->select($found->qualifyColumn('id'))->limit(FindByWords::MOST_COUNTED + 1);

        return $some->newQuery()->fromSub($some, 'found')->count();
    }
}
