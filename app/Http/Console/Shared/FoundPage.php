<?php

declare(strict_types=1);

namespace App\Http\Console\Shared;

use App\Finding\FindByWords;
use App\Finding\HavingWord;
use App\Finding\Kind;
use App\Finding\WordCounts;
use App\Finding\WordSets;
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
    /** How far a list is looked at from its beginning on, to see how densely what is found lies there. */
    private const LOOKED_AT = 2_000;

    /** So many of the newest that are found are held against the list, where that has the newest first. */
    private const NEWEST = [2_000, 16_000];

    /** To go through so much more of it takes no longer than to put in order all that have a word. */
    private const TIMES_FURTHER = 5;

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $query  of things of the shop, in the order of the list
     * @param  Rows|int|null  $total  how many there are without a search, or a query for it, where that is written down
     * @param  bool  $isNewestFirst  whether the list goes from the highest id down
     * @return LengthAwarePaginator<int, M>
     */
    public static function of(Builder $query, Shop $shop, Kind $kind, string $typed, int $perPage, Rows|int|null $total = null, bool $isNewestFirst = false): LengthAwarePaginator
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
        $counts = WordCounts::of($shop, $kind, $typed);
        $ids = FindByWords::ids($shop, $kind, $counts);
        if (count($ids) <= FindByWords::MOST_COUNTED) {
            return CountedPage::of(self::byId($query, $ids), $perPage);
        }
        $areCommon = $counts->areCommon();
        $narrow = clone $query;
        FindByWords::in($narrow->getQuery(), $query->qualifyColumn('id'), $shop, $kind, $typed, $areCommon ? [] : $counts->often());
        // Where all of those are in the list, there is nothing more to count.
        $all = self::count(self::byId($query, $ids)) > FindByWords::MOST_COUNTED ? FindByWords::MOST_COUNTED + 1 : self::count($areCommon ? $along : $narrow);
        $page = Paginator::resolveCurrentPage();
        [$before, $needed] = [($page - 1) * $perPage, $page * $perPage];
        $shown = match (true) {
            $before >= min($all, FindByWords::MOST_COUNTED) => [],
            $areCommon => self::dense($query, $along, $kind, $counts->words, $needed)
                ?? ($isNewestFirst ? self::newest($query, $shop, $kind, $counts, $needed) : null)
                ?? self::ids($narrow, $needed),
            default => self::ids($narrow, $needed),
        };

        return self::page($query->whereKey(array_slice($shown, $before)), $all, $perPage, $page);
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $shown
     * @return LengthAwarePaginator<int, M>
     */
    private static function page(Builder $shown, int $all, int $perPage, int $page): LengthAwarePaginator
    {
        /** @var Collection<int, M> $rows */
        $rows = $shown->get();

        return $all > FindByWords::MOST_COUNTED
            ? new FoundMore($rows, FindByWords::MOST_COUNTED, $perPage, $page)
            : new LengthAwarePaginator($rows, $all, $perPage, $page);
    }

    /**
     * The rows themselves, where the database would choose an index of the shop's, each entry of which leads to one.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $list
     * @param  list<int>  $ids
     * @return Builder<M>
     */
    private static function byId(Builder $list, array $ids): Builder
    {
        $some = (clone $list)->whereKey($ids);
        $some->getQuery()->forceIndex('PRIMARY');

        return $some;
    }

    /**
     * The first of what is found, where it lies so densely at the beginning of the list that to go along it is the quickest.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $list
     * @param  Builder<M>  $along  what is found, by way of the list
     * @param  list<string>  $words
     * @return list<int>|null
     */
    private static function dense(Builder $list, Builder $along, Kind $kind, array $words, int $needed): ?array
    {
        $found = [];
        // What nearly everything has is found in the first few.
        foreach (array_unique([min(2 * $needed, self::LOOKED_AT), self::LOOKED_AT]) as $most) {
            $found = HavingWord::among(self::ids($list, $most), $kind, $words);
            if (count($found) >= $needed) {
                return array_slice($found, 0, $needed);
            }
        }

        return count($found) * self::TIMES_FURTHER >= $needed ? self::ids($along, $needed) : null;
    }

    /**
     * The first of what is found in a list that has the newest first, where enough of the newest are in it.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $list
     * @return list<int>|null
     */
    private static function newest(Builder $list, Shop $shop, Kind $kind, WordCounts $counts, int $needed): ?array
    {
        foreach (self::NEWEST as $most) {
            $newest = WordSets::having($shop, $kind, $counts->words, $most);
            $found = $newest === null ? [] : self::ids(self::byId($list, $newest), $needed);
            if (count($found) >= $needed || ($newest !== null && count($newest) < $most)) {
                return $found;
            }
        }

        return null;
    }

    /**
     * An index has them, where rows would have to be read one by one.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $list
     * @return list<int>
     */
    private static function ids(Builder $list, int $most): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, (clone $list)->toBase()->select($list->qualifyColumn('id'))->limit($most)->pluck('id')->all()));
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
