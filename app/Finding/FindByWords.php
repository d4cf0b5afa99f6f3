<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Closure;
use Illuminate\Database\Query\Builder as Rows;
use PaperKite\Text\SearchWords;

/** Narrows a list to what is found: each word that was typed begins one of the thing's, in whatever order. */
final class FindByWords
{
    /** Nobody turns so many pages: where more is found, another word finds less. */
    public const MOST_COUNTED = 1_000;

    /** Fewer are asked for the other words one by one, which takes ten times as long as to read one of those that have them. */
    private const FEW = 1_000;

    /** So many are asked first where very many have each word: mostly they stand together. */
    private const TRIED = 2_000;

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
        if ($words === []) {
            return [];
        }
        $rarest = HavingWord::of($shop, $kind, $words[0])->select('thing_id');
        $others = array_slice($words, 1);
        if ($others !== [] && $counts->areCommon()) {
            $ids = self::idsOf((clone $rarest)->limit(self::TRIED), $kind, $others);
            if (count($ids) > self::MOST_COUNTED) {
                return $ids;
            }
        }
        $ids = $others !== [] && $counts->fewest() >= self::FEW ? WordSets::having($shop, $kind, $words, self::MOST_COUNTED + 1) : null;

        return $ids ?? self::idsOf($rarest, $kind, $others);
    }

    /**
     * @param  list<string>  $words  which each thing is asked for
     * @return list<int> one more than are counted, where there are more
     */
    private static function idsOf(Rows $rarest, Kind $kind, array $words): array
    {
        $found = $rarest->newQuery()->fromSub($rarest, 'rarest');
        array_map(static fn (string $word): Rows => HavingWord::ask($found, 'rarest.thing_id', $kind, $word), $words);

        /** @var list<int> */
        return $found->distinct()->limit(self::MOST_COUNTED + 1)->pluck('rarest.thing_id')->all();
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
