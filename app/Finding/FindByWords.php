<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Closure;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;
use PaperKite\Text\SearchWords;

/** Narrows a list to what is found: each word that was typed begins one of the thing's, in whatever order. */
final class FindByWords
{
    /** Nobody turns so many pages: where more is found, another word finds less. */
    public const MOST_COUNTED = 1_000;

    /** So few are asked for a further word one by one, which takes ten times as long as to read one of those that have it. */
    private const FEW = 1_000;

    /** So many are asked first where very many have each word: mostly they stand together. */
    private const TRIED = 2_000;

    /** The things of two words are held against each other in memory, those of a hundred thousand at once. */
    private const IN_MEMORY = 'SET STATEMENT join_cache_level = 4, join_buffer_size = 16777216, join_buffer_space_limit = 33554432 FOR ';

    /**
     * By way of the words, which is quick where few things have them.
     *
     * @param  Rows  $things  of the shop
     * @param  string  $id  the column of their ids
     * @param  list<bool>  $often  whether so many have a word, in the order of the words, that each thing is asked for it
     */
    public static function in(Rows $things, string $id, Shop $shop, Kind $kind, string $typed, array $often = []): void
    {
        $rare = in_array(true, $often, true) ? array_search(false, $often, true) : false;
        self::each($things, $typed, static fn (string $word, int $at): Rows => match (true) {
            // What has this word is found first, and only that is asked for those that many have.
            $at === $rare => $things->joinSub(HavingWord::of($shop, $kind, $word)->distinct()->select('thing_id AS rare_id'), 'rare', 'rare_id', '=', $id),
            $often[$at] ?? false => HavingWord::ask($things, $rare === false ? $id : 'rare_id', $kind, $word),
            default => $things->whereIn($id, HavingWord::of($shop, $kind, $word)->select('thing_id')),
        });
    }

    /**
     * The same by way of the things, one after the other, which is quick where nearly all have the words and a page of
     * them is wanted. A limit keeps the database from turning the question round.
     *
     * @param  Rows  $things  of the shop
     * @param  string  $id  the column of their ids
     */
    public static function along(Rows $things, string $id, Kind $kind, string $typed): void
    {
        self::each($things, $typed, static fn (string $word): Rows => HavingWord::ask($things, $id, $kind, $word));
    }

    /**
     * What is found, in no order: of the things that have the rarest word, those that have the others.
     *
     * @return list<int> one more than are counted, where there are more
     */
    public static function ids(Shop $shop, Kind $kind, WordCounts $counts): array
    {
        $words = $counts->rarestFirst();
        if (count($words) < 2) {
            return $words === [] ? [] : self::idsOf(self::withRarest($shop, $kind, $words[0]));
        }
        $found = self::withRarest($shop, $kind, $words[0]);
        if ($counts->areCommon()) {
            $tried = $found->newQuery()->fromSub((clone $found)->select('rarest.thing_id')->limit(self::TRIED), 'rarest');
            array_map(static fn (string $word): Rows => HavingWord::ask($tried, 'rarest.thing_id', $kind, $word), array_slice($words, 1));
            $ids = self::idsOf($tried);
            if (count($ids) > self::MOST_COUNTED) {
                return $ids;
            }
        }
        $things = $counts->fewestFirst();
        $ids = $things[0] >= self::FEW ? WordSets::having($shop, $kind, $words, self::MOST_COUNTED + 1) : null;
        if ($ids !== null) {
            return $ids;
        }
        // To read what a word has that nearly all have would take longer than to ask the few for it. More than two are not
        // held against each other: of things that have a typed beginning several times, every combination would be made.
        $isJoined = $things[0] >= self::FEW && ($counts->areCommon() || $things[1] < WordCounts::MANY);
        if ($isJoined) {
            self::join($found, $shop, $kind, $words[1]);
        }
        foreach (array_slice($words, $isJoined ? 2 : 1) as $word) {
            HavingWord::ask($found, $isJoined ? 'second.thing_id' : 'rarest.thing_id', $kind, $word);
        }

        return self::idsOf($found);
    }

    /**
     * The newest of what is found, where there are enough among the newest things of one of the words; some of them otherwise.
     *
     * @param  int  $most  so many of a word are looked at
     * @param  int  $enough  so many are wanted
     * @return list<int> the highest id first
     */
    public static function newest(Shop $shop, Kind $kind, WordCounts $counts, int $most, int $enough): array
    {
        $found = [];
        foreach ($counts->rarestFirst() as $word) {
            $newest = HavingWord::newest($shop, $kind, $word, $most);
            // Asked for the others only then: to put in order is to look at all.
            $having = $newest->newQuery()->fromSub($newest, 'newest');
            array_map(static fn (string $other): Rows => HavingWord::ask($having, 'newest.thing_id', $kind, $other), array_diff($counts->words, [$word]));
            $ids = array_values(array_unique(array_filter($having->pluck('newest.thing_id')->all(), is_int(...))));
            rsort($ids);
            if (count($ids) >= $enough) {
                return $ids;
            }
            $found = count($ids) > count($found) ? $ids : $found;
        }

        return $found;
    }

    private static function withRarest(Shop $shop, Kind $kind, string $word): Rows
    {
        return DB::table('search_words AS rarest')->where(['rarest.shop_id' => $shop->id, 'rarest.kind' => $kind->value])->where('rarest.word', 'like', HavingWord::beginning($word));
    }

    /**
     * Holds what has the rarest word in memory by its id, and goes through what has the second one. Said as ranges, since the
     * database would otherwise take for the key what is equal in all of them (shop and kind), and compare each with each.
     */
    private static function join(Rows $found, Shop $shop, Kind $kind, string $word): void
    {
        $found->fromRaw('search_words AS rarest STRAIGHT_JOIN search_words AS second ON second.thing_id = rarest.thing_id')
            ->where('second.shop_id', '>=', $shop->id)->where('second.shop_id', '<=', $shop->id)->where('second.kind', '>=', $kind->value)->where('second.kind', '<=', $kind->value)
            ->where('second.word', 'like', HavingWord::beginning($word));
    }

    /** @return list<int> one more than are counted, where there are more */
    private static function idsOf(Rows $found): array
    {
        $ids = $found->distinct()->select('rarest.thing_id')->limit(self::MOST_COUNTED + 1);
        /** @var list<object{thing_id: int}> $rows */
        $rows = $ids->getConnection()->select(self::IN_MEMORY.$ids->toSql(), $ids->getBindings());

        return array_map(static fn (object $row): int => $row->thing_id, $rows);
    }

    /** @param  Closure(string, int): mixed  $narrow  given a word and its place */
    private static function each(Rows $things, string $typed, Closure $narrow): void
    {
        $words = SearchWords::asked($typed)->words;
        if ($words === [] && trim($typed) !== '') {
            // Signs alone are no word of anything.
            $things->whereRaw('1 = 0');
        }
        array_map($narrow, $words, array_keys($words));
    }
}
