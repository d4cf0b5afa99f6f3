<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Coupon;
use App\Models\Shop;
use App\Shops\CouponForm;
use OpenApi\Attributes as OA;
use PaperKite\Money\Money;
use PaperKite\Quote\CouponKind;

#[OA\Schema(schema: 'Coupon')]
final readonly class CouponResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Counts the changes that sellers make; a use is none.')]
        public int $version,
        #[OA\Property]
        public CouponForm $entry,
        #[OA\Property(description: 'What it does, in a sentence.')]
        public string $sentence,
        #[OA\Property]
        public int $uses,
    ) {}

    public static function of(Coupon $coupon, int $version, Shop $shop): self
    {
        return new self($coupon->id, $version, CouponForm::of($coupon, $shop), $coupon->told($shop).self::onSample($coupon, $shop), $coupon->uses);
    }

    /** What it does to the bill of the sample cart with which the shop’s rules are tried at first. */
    private static function onSample(Coupon $coupon, Shop $shop): string
    {
        $goods = Money::fromEntry('25', $shop->currency());
        $core = $coupon->toCore($shop->currency());

        return match (true) {
            $coupon->skus !== null || $coupon->kind === CouponKind::FreeShipping => '',
            $core->minSpend !== null && $goods->isLessThan($core->minSpend) => " Goods of {$goods->shown()} are too little for it.",
            default => " Of goods for {$goods->shown()} it takes {$core->reduction($goods)->shown()}.",
        };
    }
}
