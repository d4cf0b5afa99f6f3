<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\SaidOf;
use App\Models\Coupon;
use App\Models\Shop;

/** By their code and by what they do, in a sentence. */
final readonly class SaidOfCoupons implements SaidOf
{
    public function kind(): Kind
    {
        return Kind::Coupon;
    }

    public function texts(Shop $shop, array $ids): array
    {
        $texts = [];
        foreach (Coupon::query()->where('shop_id', $shop->id)->whereKey($ids)->get() as $coupon) {
            $texts[$coupon->id] = "{$coupon->code} coupon {$coupon->told($shop)}";
        }

        return $texts;
    }
}
