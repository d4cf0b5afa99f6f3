<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;
use PaperKite\Text\SearchWords;

/** Narrows a list to what is found: each word that was typed begins one of the thing's, in whatever order. */
final class FindByWords
{
    /**
     * By way of the words, which is quick where few things have them.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $things
     * @return Builder<M>
     */
    public static function in(Builder $things, Shop $shop, Kind $kind, string $typed): Builder
    {
        return self::each($things, $typed, static fn (string $word): Builder => $things->whereIn($things->qualifyColumn('id'), static fn (Rows $rows): Rows => $rows->from('search_words')->select('thing_id')
            ->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', self::beginning($word))));
    }

    /**
     * The same by way of the things, one after the other, which is quick where nearly all have the words and a page of
     * them is wanted. A limit keeps the database from turning the question round.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $things
     * @return Builder<M>
     */
    public static function along(Builder $things, Kind $kind, string $typed): Builder
    {
        $id = $things->qualifyColumn('id');

        return self::each($things, $typed, static fn (string $word): mixed => $things->whereRaw("(SELECT 1 FROM search_words WHERE kind = ? AND thing_id = {$id} AND word LIKE ? LIMIT 1) = 1", [$kind->value, self::beginning($word)]));
    }

    /** Whether a single word is asked for, and stands with so many things that to collect them all would take long. */
    public static function isCommon(Shop $shop, Kind $kind, string $typed, int $many): bool
    {
        $words = SearchWords::asked($typed)->words;
        if (count($words) !== 1) {
            return false;
        }
        $some = DB::table('search_words')->selectRaw('1')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', self::beginning($words[0]))->limit($many);

        return $some->newQuery()->fromSub($some, 'some')->count() === $many;
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $things
     * @param  Closure(string): mixed  $narrow
     * @return Builder<M>
     */
    private static function each(Builder $things, string $typed, Closure $narrow): Builder
    {
        $words = SearchWords::asked($typed)->words;
        if ($words === [] && trim($typed) !== '') {
            // Signs alone are no word of anything.
            $things->whereRaw('1 = 0');
        }
        array_map($narrow, $words);

        return $things;
    }

    private static function beginning(string $word): string
    {
        return addcslashes($word, '%_\\').'%';
    }
}
