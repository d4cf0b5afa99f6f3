<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;
use PaperKite\Text\SearchWords;

/** Narrows a list to what is found: each word that was typed begins one of the thing's, in whatever order. */
final class FindByWords
{
    /**
     * @template M of Model
     *
     * @param  Builder<M>  $things
     * @return Builder<M>
     */
    public static function in(Builder $things, Shop $shop, Kind $kind, string $typed): Builder
    {
        $words = SearchWords::asked($typed)->words;
        if ($words === [] && trim($typed) !== '') {
            // Signs alone are no word of anything.
            $things->whereRaw('1 = 0');
        }
        foreach ($words as $word) {
            $things->whereIn($things->qualifyColumn('id'), static fn (Rows $rows): Rows => $rows->from('search_words')->select('thing_id')
                ->where(['shop_id' => $shop->id, 'kind' => $kind->value])->where('word', 'like', addcslashes($word, '%_\\').'%'));
        }

        return $things;
    }
}
