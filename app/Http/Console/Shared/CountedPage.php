<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;

/** A page of a list together with the number of all its rows, in one query. */
final class CountedPage
{
    /** From so many rows on it is worth to ask first how many there are: the page may be nearer to the end. */
    private const DEEP = 10_000;

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $query
     * @param  Rows|int|null  $total  how many rows there are, or a query for it, where that is written down; `null`: they are counted
     * @return LengthAwarePaginator<int, M>
     */
    public static function of(Builder $query, int $perPage, Rows|int|null $total = null): LengthAwarePaginator
    {
        $page = Paginator::resolveCurrentPage();
        if ($total instanceof Rows && $page * $perPage > self::DEEP) {
            $total = self::number($total);
        }
        $found = self::read($query, static fn (Rows $ids): Rows => match (true) {
            is_int($total) => self::cut($ids, $page, $perPage, $total),
            $total === null => $ids->forPage($page, $perPage)->selectRaw('COUNT(*) OVER () AS rows_in_all'),
            default => $ids->forPage($page, $perPage)->selectSub($total, 'rows_in_all'),
        }, ...(is_int($total) ? [] : ['rows_in_all']));
        $counted = is_int($total) ? $total : $found->first()?->getAttribute('rows_in_all');
        // Beyond the last page no row tells how many there are.
        $all = is_numeric($counted) ? (int) $counted : ($page === 1 ? 0 : ($total instanceof Rows ? self::number($total) : $query->toBase()->getCountForPagination()));

        return new LengthAwarePaginator($found, $all, $perPage, $page);
    }

    /**
     * The same of rows that are counted by blocks of their numbers, the highest number first: what comes before the page is
     * counted as far as it can be, and not read.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $query
     * @param  string  $column  of their numbers
     * @param  Closure(): array<int, int>  $blocks  how many there are in each, by the number that it begins with, the highest first
     * @return LengthAwarePaginator<int, M>
     */
    public static function inBlocks(Builder $query, string $column, Closure $blocks, int $perPage, int $total): LengthAwarePaginator
    {
        $page = Paginator::resolveCurrentPage();
        $before = ($page - 1) * $perPage;
        if ($before < self::DEEP || $before >= $total) {
            return self::of($query, $perPage, $total);
        }
        $above = null;
        foreach ($blocks() as $begin => $rows) {
            if ($before < $rows) {
                break;
            }
            $before -= $rows;
            $above = $begin;
        }
        $rows = self::read($query->when($above !== null, static fn (Builder $rest) => $rest->where($column, '<', $above)), static fn (Rows $ids): Rows => $ids->offset($before)->limit($perPage));

        return new LengthAwarePaginator($rows, $total, $perPage, $page);
    }

    public static function number(Rows $total): int
    {
        $number = (clone $total)->value('things');

        return is_numeric($number) ? (int) $number : 0;
    }

    /**
     * What goes through many rows reads what an index has of them, and only the page's in full.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $query
     * @param  Closure(Rows): Rows  $cut  of the ids of all
     * @param  string  ...$and  columns that the cut selects
     * @return Collection<int, M>
     */
    private static function read(Builder $query, Closure $cut, string ...$and): Collection
    {
        $table = $query->getModel()->getTable();
        $ids = (clone $query)->toBase()->select("{$table}.id AS paged_id");
        $rows = $query->getModel()->newQuery()->setEagerLoads($query->getEagerLoads());
        self::orderAlike($ids, $rows->getQuery()->select("{$table}.*", ...$and));
        $ids = $cut($ids);
        $rows->getQuery()->fromRaw("({$ids->toSql()}) AS paged STRAIGHT_JOIN {$table} FORCE INDEX (PRIMARY) ON {$table}.id = paged_id", $ids->getBindings());

        /** @var Collection<int, M> */
        return $rows->get();
    }

    /** The rows of the page come in the order in which their ids were found: what is joined in is joined no second time. */
    private static function orderAlike(Rows $ids, Rows $rows): void
    {
        foreach ($ids->orders ?? [] as $at => $order) {
            if (is_array($order) && isset($order['column'], $order['direction']) && is_string($order['column'])) {
                $ids->addSelect("{$order['column']} AS sorted_{$at}");
                $order['column'] = "sorted_{$at}";
            }
            $rows->orders[] = $order;
        }
        $rows->addBinding($ids->getRawBindings()['order'], 'order');
    }

    /** What is nearer to the end is reached from there. */
    private static function cut(Rows $ids, int $page, int $perPage, int $total): Rows
    {
        $before = ($page - 1) * $perPage;
        $size = max(0, min($perPage, $total - $before));
        $after = max(0, $total - $before - $size);

        return $ids->offset($after < $before && self::turnRound($ids) ? $after : $before)->limit($size);
    }

    /** @return bool whether the order could be turned round */
    private static function turnRound(Rows $ids): bool
    {
        $turned = [];
        foreach ($ids->orders ?? [] as $order) {
            if (! is_array($order) || ! isset($order['column'], $order['direction'])) {
                return false;
            }
            $turned[] = ['direction' => $order['direction'] === 'asc' ? 'desc' : 'asc'] + $order;
        }
        $ids->orders = $turned;

        return true;
    }
}
