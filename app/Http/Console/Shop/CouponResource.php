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
        return new self($coupon->id, $version, CouponForm::of($coupon, $shop), self::sentence($coupon, $shop), $coupon->uses);
    }

    private static function sentence(Coupon $coupon, Shop $shop): string
    {
        $takes = match ($coupon->kind) {
            CouponKind::Percent => "takes {$coupon->percent} % off",
            CouponKind::Amount => "takes {$shop->money($coupon->amount_minor ?? 0)->shown()} off",
            CouponKind::FreeShipping => 'ships the order free',
        };
        $goods = $coupon->skus === null ? '' : ' for '.implode(', ', $coupon->skus);
        $from = $coupon->min_spend_minor === null ? '' : ", for goods of {$shop->money($coupon->min_spend_minor)->shown()} or more";
        $left = $coupon->most_uses === null ? '' : "; {$coupon->most_uses} times in all";

        return "{$takes}{$goods}{$from}{$left}.".self::onSample($coupon, $shop);
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
