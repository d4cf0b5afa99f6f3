<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;

/** What came into the tables otherwise than by its form has no words yet: before an upgrade, by an import, in the demo. */
final class SearchWrite extends Command
{
    private const AT_ONCE = 200;

    protected $signature = 'search:write';

    protected $description = 'Writes down the words of what can’t be found yet';

    public function handle(WriteWords $write): int
    {
        // Everything has a word: a kind, a state. What was written is not found again.
        while (($products = self::without(Product::query(), Kind::Product)->limit(self::AT_ONCE)->get())->isNotEmpty()) {
            $write->ofProducts($products);
        }
        foreach (Shop::query()->get() as $shop) {
            while (($offers = self::without(Offer::query()->where('shop_id', $shop->id), Kind::Offer)->limit(self::AT_ONCE)->get())->isNotEmpty()) {
                $write->ofOffers($shop, array_values($offers->map(static fn (Offer $offer): int => $offer->id)->all()));
            }
        }

        return self::SUCCESS;
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $things
     * @return Builder<M>
     */
    private static function without(Builder $things, Kind $kind): Builder
    {
        $id = $things->qualifyColumn('id');
        $things->whereNotExists(static fn (Rows $words): Rows => $words->from('search_words')->whereColumn('thing_id', $id)->where('kind', $kind->value));

        return $things;
    }
}
