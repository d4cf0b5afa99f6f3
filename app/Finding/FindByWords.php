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

    /** What so many have is found quickest by going through the things. */
    public const MANY = 5_000;

    /** The things of two words are held against each other where fewer have them. */
    private const MOST_COLLECTED = 12_000;

    /**
     * By way of the words, which is quick where few things have them.
     *
     * @param  Rows  $things  of the shop
     * @param  string  $id  the column of their ids
     */
    public static function in(Rows $things, string $id, Shop $shop, Kind $kind, string $typed): void
    {
        self::each($things, $typed, static fn (string $word): Rows => $things->whereIn($id, self::words($shop, $kind)->select('thing_id')->where('word', 'like', self::beginning($word))));
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
     * What is found, in no order: of the things that have the rarest word, those that have the others.
     *
     * @return list<int> one more than are counted, where there are more
     */
    public static function ids(Shop $shop, Kind $kind, string $typed): array
    {
        $counts = self::counts($shop, $kind, $typed);
        $first = array_key_first($counts);
        if ($first === null) {
            return [];
        }
        $found = DB::table('search_words AS rarest')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', self::beginning((string) $first));
        $at = 0;
        foreach (array_slice($counts, 1, null, true) as $word => $things) {
            $also = 'also_'.++$at;
            $things < self::MOST_COLLECTED
                ? $found->joinSub(self::words($shop, $kind)->distinct()->select('thing_id')->where('word', 'like', self::beginning((string) $word)), $also, "{$also}.thing_id", '=', 'rarest.thing_id')
                : self::has($found, 'rarest.thing_id', $kind, (string) $word);
        }

        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $found->distinct()->limit(self::MOST_COUNTED + 1)->pluck('rarest.thing_id')->all()));
    }

    /** @return array<string, int> how many things have each word, counted as far as makes a difference; the rarest first */
    private static function counts(Shop $shop, Kind $kind, string $typed): array
    {
        $words = SearchWords::asked($typed)->words;
        if (count($words) < 2) {
            return array_fill_keys($words, 0);
        }
        $counts = array_combine($words, self::counted($shop, [$kind], $words, self::MOST_COLLECTED)[$kind->value]);
        asort($counts);

        return $counts;
    }

    /**
     * Which kinds of things have each of the words that are asked for so often that to collect them all would take long.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @return list<Kind>
     */
    public static function common(Shop $shop, array $kinds, string $typed, int $many): array
    {
        $words = SearchWords::asked($typed)->words;
        $things = $words === [] ? [] : self::counted($shop, $kinds, $words, $many);

        return array_values(array_filter($kinds, static fn (Kind $kind): bool => ($things[$kind->value] ?? []) !== [] && min($things[$kind->value]) >= $many));
    }

    /**
     * How many things have each word, in one query.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  non-empty-list<string>  $words
     * @param  int  $most  so far each is counted
     * @return array<int, list<int>> by kind, in the order of the words
     */
    private static function counted(Shop $shop, array $kinds, array $words, int $most): array
    {
        $counts = [];
        foreach ($kinds as $kind) {
            foreach ($words as $at => $word) {
                $some = self::words($shop, $kind)->selectRaw('1')->where('word', 'like', self::beginning($word))->limit($most);
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

    /** @param  Closure(string): mixed  $narrow */
    private static function each(Rows $things, string $typed, Closure $narrow): void
    {
        $words = SearchWords::asked($typed)->words;
        if ($words === [] && trim($typed) !== '') {
            // Signs alone are no word of anything.
            $things->whereRaw('1 = 0');
        }
        array_map($narrow, $words);
    }

    private static function has(Rows $things, string $id, Kind $kind, string $word): Rows
    {
        return $things->whereRaw("(SELECT 1 FROM search_words WHERE kind = ? AND thing_id = {$id} AND word LIKE ? LIMIT 1) = 1", [$kind->value, self::beginning($word)]);
    }

    private static function words(Shop $shop, Kind $kind): Rows
    {
        return DB::table('search_words')->where(['shop_id' => $shop->id, 'kind' => $kind->value]);
    }

    /** For LIKE. */
    public static function beginning(string $word): string
    {
        return addcslashes($word, '%_\\').'%';
    }
}
