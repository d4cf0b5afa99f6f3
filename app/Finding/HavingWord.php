<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;

/** The things that have one word, which begins as it was typed. */
final class HavingWord
{
    /** So many words that begin alike are gone through one by one. */
    private const FEW_WORDS = 16;

    /** @return Rows a thing once for each such word that it has */
    public static function of(Shop $shop, Kind $kind, string $word): Rows
    {
        return DB::table('search_words')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', self::beginning($word));
    }

    /**
     * The newest things that have it; one that has several such words may come as often.
     *
     * @return Rows of `thing_id`, the highest first
     */
    public static function newest(Shop $shop, Kind $kind, string $word, int $most): Rows
    {
        $words = self::wordsOf($shop, $kind, $word);
        if (count($words) > self::FEW_WORDS) {
            return self::of($shop, $kind, $word)->select('thing_id')->orderByDesc('thing_id')->limit($most);
        }
        // The index has the things of one word in their order; those of several would have to be put in order, all of them.
        $each = array_map(static fn (string $one): Rows => DB::table('search_words')->where(['shop_id' => $shop->id, 'kind' => $kind->value, 'word' => $one])->select('thing_id')->orderByDesc('thing_id')->limit($most), $words);
        $first = array_shift($each) ?? self::of($shop, $kind, $word)->select('thing_id');
        $all = array_reduce($each, static fn (Rows $union, Rows $one): Rows => $union->unionAll($one), $first);

        return $first->newQuery()->fromSub($all, 'each_word')->orderByDesc('thing_id')->limit($most);
    }

    /**
     * The words themselves that begin so. From one to the next is a look into the index, where to say it in one query would
     * be to read the things of all of them.
     *
     * @return list<string> one more than are few, where there are more
     */
    private static function wordsOf(Shop $shop, Kind $kind, string $word): array
    {
        $words = [];
        for ($last = ''; count($words) <= self::FEW_WORDS; $words[] = $last) {
            $last = self::of($shop, $kind, $word)->where('word', '>', $last)->orderBy('word')->value('word');
            if (! is_string($last)) {
                return $words;
            }
        }

        return $words;
    }

    /**
     * Narrows things to those that have it, each of which is asked by itself.
     *
     * @param  string  $id  the column of their ids
     */
    public static function ask(Rows $things, string $id, Kind $kind, string $word): Rows
    {
        return $things->whereRaw("(SELECT 1 FROM search_words WHERE kind = ? AND thing_id = {$id} AND word LIKE ? LIMIT 1) = 1", [$kind->value, self::beginning($word)]);
    }

    /**
     * @param  list<int>  $ids  of things
     * @param  list<string>  $words
     * @return list<int> of those that have them all, in the same order
     */
    public static function among(array $ids, Kind $kind, array $words): array
    {
        $things = DB::table('search_things')->where('kind', $kind->value)->whereIntegerInRaw('thing_id', $ids);
        array_map(static fn (string $word): Rows => self::ask($things, 'search_things.thing_id', $kind, $word), $words);
        $found = array_flip(array_filter($things->pluck('thing_id')->all(), is_int(...)));

        return array_values(array_filter($ids, static fn (int $id): bool => isset($found[$id])));
    }

    /** For LIKE. */
    public static function beginning(string $word): string
    {
        return addcslashes($word, '%_\\').'%';
    }
}
