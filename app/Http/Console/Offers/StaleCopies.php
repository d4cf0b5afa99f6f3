<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;

/** Places and price tables whose copies no longer say what their offers say. */
final class StaleCopies
{
    /** @return Builder<Placement> */
    public static function places(Shop $shop): Builder
    {
        return Placement::query()->where(['shop_id' => $shop->id, 'is_stale' => true]);
    }

    /** @return Builder<PriceTable> */
    public static function tables(Shop $shop): Builder
    {
        return PriceTable::query()->where(['shop_id' => $shop->id, 'is_stale' => true, 'put_away_at' => null]);
    }

    public static function count(Shop $shop): int
    {
        return self::places($shop)->count() + self::tables($shop)->count();
    }
}
