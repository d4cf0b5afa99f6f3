<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;

/** The things that have one word, which begins as it was typed. */
final class HavingWord
{
    /** @return Rows a thing once for each such word that it has */
    public static function of(Shop $shop, Kind $kind, string $word): Rows
    {
        return DB::table('search_words')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', self::beginning($word));
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
        if ($ids === []) {
            return [];
        }
        $things = DB::table('search_things')->where('kind', $kind->value)->whereIntegerInRaw('thing_id', $ids);
        array_map(static fn (string $word): Rows => self::ask($things, 'search_things.thing_id', $kind, $word), $words);
        $found = array_flip(array_filter($things->pluck('thing_id')->all(), is_int(...)));

        return array_values(array_filter($ids, static fn (int $id): bool => isset($found[$id])));
    }

    /**
     * Read one by one: a million rows at once would take half a gigabyte.
     *
     * @param  Rows  $things  rows with a `thing_id`
     * @return list<int>
     */
    public static function ids(Rows $things): array
    {
        $ids = [];
        foreach ($things->select('thing_id')->cursor() as $row) {
            $ids[] = isset($row->thing_id) && is_int($row->thing_id) ? $row->thing_id : 0;
        }

        return $ids;
    }

    /** For LIKE. */
    public static function beginning(string $word): string
    {
        return addcslashes($word, '%_\\').'%';
    }
}
