<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
use App\Finding\SaidOf;
use App\Models\Look;
use App\Models\Shop;

final readonly class SaidOfLooks implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Look;
    }

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Look::query()->where('shop_id', $shop->id)->whereKey($ids)->get(['id', 'name', 'put_away_at']) as $look) {
            $said[$look->id] = new Said($look->name, $look->put_away_at === null ? 'look' : 'look · archived');
        }

        return $said;
    }
}
