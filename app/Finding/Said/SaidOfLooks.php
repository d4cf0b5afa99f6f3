<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\SaidOf;
use App\Models\Look;
use App\Models\Shop;

final readonly class SaidOfLooks implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Look;
    }

    public function texts(Shop $shop, array $ids): array
    {
        $texts = [];
        foreach (Look::query()->where('shop_id', $shop->id)->whereKey($ids)->get(['id', 'name', 'put_away_at']) as $look) {
            $texts[$look->id] = "{$look->name} look".($look->put_away_at === null ? '' : ' archived');
        }

        return $texts;
    }
}
