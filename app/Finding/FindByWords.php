<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Closure;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use PaperKite\Text\SearchWords;

/** Narrows a list to what is found: each word that was typed begins one of the thing's, in whatever order. */
final class FindByWords
{
    /** Nobody turns so many pages: where more is found, another word finds less. */
    public const MOST_COUNTED = 1_000;

    /** So far it is counted how many have a word: what more have is mostly found quickest by going through the things. */
    public const MANY = 12_000;

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
            $at === $rare => $things->joinSub(self::having($shop, $kind, $word)->distinct()->select('thing_id AS rare_id'), 'rare', 'rare_id', '=', $id),
            $often[$at] ?? false => self::has($things, $rare === false ? $id : 'rare_id', $kind, $word),
            default => $things->whereIn($id, self::having($shop, $kind, $word)->select('thing_id')),
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
        self::each($things, $typed, static fn (string $word): Rows => self::has($things, $id, $kind, $word));
    }

    /**
     * @param  list<int>  $ids  of things
     * @return list<int> of those that have the words, in the same order
     */
    public static function among(array $ids, Kind $kind, string $typed): array
    {
        $things = DB::table('search_things')->where('kind', $kind->value)->whereIntegerInRaw('thing_id', $ids);
        self::along($things, 'search_things.thing_id', $kind, $typed);

        $found = array_flip(array_filter($things->pluck('thing_id')->all(), is_int(...)));

        return array_values(array_filter($ids, static fn (int $id): bool => isset($found[$id])));
    }

    /**
     * What is found, in no order: of the things that have the rarest word, those that have the others.
     *
     * @param  array<string, int>  $counts  of `counts()`
     * @return list<int> one more than are counted, where there are more
     */
    public static function ids(Shop $shop, Kind $kind, array $counts): array
    {
        $rarest = array_key_first($counts);
        if ($rarest === null) {
            return [];
        }
        $found = DB::table('search_words AS rarest')->where(['rarest.shop_id' => $shop->id, 'rarest.kind' => $kind->value])->where('rarest.word', 'like', self::beginning((string) $rarest));
        $others = array_slice($counts, 1, null, true);
        $areCommon = $others !== [] && $counts[$rarest] >= self::MANY;
        if ($areCommon) {
            $tried = $found->newQuery()->fromSub((clone $found)->select('rarest.thing_id')->limit(self::TRIED), 'rarest');
            array_map(static fn (string|int $word): Rows => self::has($tried, 'rarest.thing_id', $kind, (string) $word), array_keys($others));
            $ids = self::idsOf($tried);
            if (count($ids) > self::MOST_COUNTED) {
                return $ids;
            }
        }
        $asked = 'rarest.thing_id';
        foreach ($others as $word => $things) {
            // To read what a word has that nearly all have would take longer than to ask the few for it. More than two are not
            // held against each other: of things that have a typed beginning several times, every combination would be made.
            if ($found->joins === null && $counts[$rarest] >= self::FEW && ($areCommon || $things < self::MANY)) {
                self::join($found, $shop, $kind, (string) $word);
                $asked = 'second.thing_id';
            } else {
                self::has($found, $asked, $kind, (string) $word);
            }
        }

        return self::idsOf($found);
    }

    private static function join(Rows $found, Shop $shop, Kind $kind, string $word): void
    {
        $found->join('search_words AS second', static fn (JoinClause $on) => $on->on('second.thing_id', '=', 'rarest.thing_id')
            ->where(['second.shop_id' => $shop->id, 'second.kind' => $kind->value])->where('second.word', 'like', self::beginning($word)));
    }

    /** @return list<int> one more than are counted, where there are more */
    private static function idsOf(Rows $found): array
    {
        $ids = $found->distinct()->select('rarest.thing_id')->limit(self::MOST_COUNTED + 1);
        /** @var list<object{thing_id: int}> $rows */
        $rows = $ids->getConnection()->select(self::IN_MEMORY.$ids->toSql(), $ids->getBindings());

        return array_map(static fn (object $row): int => $row->thing_id, $rows);
    }

    /** @return array<string, int> how many things have each word, counted as far as makes a difference, the rarest first; 0 for a word that is alone */
    public static function counts(Shop $shop, Kind $kind, string $typed): array
    {
        $words = SearchWords::asked($typed)->words;
        if (count($words) < 2) {
            return array_fill_keys($words, 0);
        }
        $counts = array_combine($words, self::counted($shop, [$kind], $words, self::MANY)[$kind->value]);
        asort($counts);

        return $counts;
    }

    /** @param  list<bool>  $often  of a kind, as `often()` says: whether each word is had so often that to collect them all would take long */
    public static function areCommon(array $often): bool
    {
        return $often !== [] && ! in_array(false, $often, true);
    }

    /**
     * @param  array<string, int>  $counts  of `counts()`
     * @return list<bool> whether many have each word, in the order in which they were typed
     */
    public static function oftenOf(array $counts, string $typed): array
    {
        return array_map(static fn (string $word): bool => $counts[$word] >= self::MANY, SearchWords::asked($typed)->words);
    }

    /**
     * Whether so many things have each of the words that are asked for.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @return array<int, non-empty-list<bool>> by kind, in the order of the words
     */
    public static function often(Shop $shop, array $kinds, string $typed, int $many): array
    {
        $words = SearchWords::asked($typed)->words;

        return $words === [] ? [] : array_map(static fn (array $things): array => array_map(static fn (int $some): bool => $some >= $many, $things), self::counted($shop, $kinds, $words, $many));
    }

    /**
     * How many things have each word, in one query.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  non-empty-list<string>  $words
     * @param  int  $most  so far each is counted
     * @return array<int, non-empty-list<int>> by kind, in the order of the words
     */
    private static function counted(Shop $shop, array $kinds, array $words, int $most): array
    {
        $counts = [];
        foreach ($kinds as $kind) {
            foreach ($words as $at => $word) {
                $some = self::having($shop, $kind, $word)->selectRaw('1')->limit($most);
                $counts[] = $some->newQuery()->fromSub($some, 'some')->selectRaw("{$kind->value} AS kind, {$at} AS place, COUNT(*) AS things");
            }
        }
        $first = array_shift($counts);
        $all = array_reduce($counts, static fn (Rows $union, Rows $one): Rows => $union->unionAll($one), $first);
        /** @var list<object{kind: int, place: int, things: int}> $rows */
        $rows = $first->newQuery()->fromSub($all, 'counts')->orderBy('kind')->orderBy('place')->get()->all();
        $things = [];
        foreach ($rows as $row) {
            $things[$row->kind][] = $row->things;
        }

        return $things;
    }

    public static function isOneWord(string $typed): bool
    {
        return count(SearchWords::asked($typed)->words) === 1;
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

    private static function has(Rows $things, string $id, Kind $kind, string $word): Rows
    {
        return $things->whereRaw("(SELECT 1 FROM search_words WHERE kind = ? AND thing_id = {$id} AND word LIKE ? LIMIT 1) = 1", [$kind->value, self::beginning($word)]);
    }

    private static function having(Shop $shop, Kind $kind, string $word): Rows
    {
        return DB::table('search_words')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', self::beginning($word));
    }

    /** For LIKE. */
    public static function beginning(string $word): string
    {
        return addcslashes($word, '%_\\').'%';
    }
}
