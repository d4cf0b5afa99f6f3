<?php

declare(strict_types=1);

namespace App\Shops;

use App\Models\Coupon;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use PaperKite\Quote\CouponKind;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

/** A coupon as its form holds it: the one place where a field of it is named for the console. The core reads what comes back. */
#[OA\Schema(schema: 'CouponEntry', description: 'As typed; moments as the shop’s clock shows them.')]
final readonly class CouponForm
{
    /** @param  list<string>  $skus */
    private function __construct(
        #[OA\Property]
        public string $code = '',
        #[OA\Property(ref: '#/components/schemas/CouponKind')]
        public CouponKind $kind = CouponKind::Percent,
        #[OA\Property(description: 'A percentage or an amount; blank for free shipping.')]
        public string $value = '',
        #[OA\Property]
        public string $min_spend = '',
        #[OA\Property(description: 'Of products or variants; none: all goods.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $skus = [],
        #[OA\Property]
        public string $from = '',
        #[OA\Property]
        public string $until = '',
        #[OA\Property]
        public string $most_uses = '',
        #[OA\Property]
        public string $most_uses_each = '',
    ) {}

    /** What a new coupon begins with. */
    public static function blank(): self
    {
        return new self;
    }

    public static function of(Coupon $coupon, Shop $shop): self
    {
        $amount = static fn (?int $minor): string => $minor === null ? '' : $shop->money($minor)->decimal();
        $local = static fn (?CarbonImmutable $at): string => $at === null ? '' : LocalTime::typed(Moment::ofSeconds((int) $at->getTimestamp()), $shop->zone());

        return new self(
            code: $coupon->code,
            kind: $coupon->kind,
            value: $coupon->percent ?? $amount($coupon->amount_minor),
            min_spend: $amount($coupon->min_spend_minor),
            skus: $coupon->skus ?? [],
            from: $local($coupon->counts_from),
            until: $local($coupon->counts_until),
            most_uses: (string) $coupon->most_uses,
            most_uses_each: (string) $coupon->most_uses_each,
        );
    }
}
