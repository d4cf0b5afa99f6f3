<?php

declare(strict_types=1);

namespace App\Finding\Said;

use App\Finding\Kind;
use App\Finding\Said;
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

    public function of(Shop $shop, array $ids): array
    {
        $said = [];
        foreach (Coupon::query()->where('shop_id', $shop->id)->whereKey($ids)->get() as $coupon) {
            $said[$coupon->id] = new Said($coupon->code, $coupon->told($shop), 'coupon', $coupon->code);
        }

        return $said;
    }
}
