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
    public const MOST_COUNTED = 5_000;

    /** From so many on, rows are gone through in their order until a page is full. */
    private const MANY = 1_000;

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
        $id = $query->qualifyColumn('id');
        $narrow = clone $query;
        FindByWords::in($narrow->getQuery(), $id, $shop, $kind, $typed);
        $along = clone $query;
        FindByWords::along($along->getQuery(), $id, $kind, $typed);
        $total = self::count(FindByWords::isOneWord($typed) && FindByWords::common($shop, [$kind], $typed, self::MOST_COUNTED) !== [] ? $along : $narrow);
        $page = Paginator::resolveCurrentPage();
        $isBeyond = ($page - 1) * $perPage >= min($total, self::MOST_COUNTED);
        /** @var Collection<int, M> $rows */
        $rows = $isBeyond ? new Collection : ($total > self::MANY ? $along : $narrow)->forPage($page, $perPage)->get();

        return $total > self::MOST_COUNTED
            ? new FoundMore($rows, self::MOST_COUNTED, $perPage, $page)
            : new LengthAwarePaginator($rows, $total, $perPage, $page);
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $found
     */
    private static function count(Builder $found): int
    {
        $some = (clone $found)->toBase()->reorder()->select($found->qualifyColumn('id'))->limit(self::MOST_COUNTED + 1);

        return $some->newQuery()->fromSub($some, 'found')->count();
    }
}
