<?php

declare(strict_types=1);

namespace App\Shops;

use OpenApi\Attributes as OA;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\CouponPlace;
use PaperKite\Checkout\Demand;

/** How the checkout asks, as its form holds it. `PaperKite\Checkout\RulesEntry` reads what comes back. */
#[OA\Schema(schema: 'CheckoutRulesEntry', description: 'How the checkout asks; as typed.')]
final readonly class CheckoutRulesForm
{
    /** @param  list<string>  $hosts */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Demand')]
        public Demand $company,
        #[OA\Property(ref: '#/components/schemas/Demand')]
        public Demand $postcode,
        #[OA\Property(ref: '#/components/schemas/Demand')]
        public Demand $phone,
        #[OA\Property(ref: '#/components/schemas/Demand')]
        public Demand $comment,
        #[OA\Property(ref: '#/components/schemas/CouponPlace')]
        public CouponPlace $coupon_place,
        #[OA\Property(description: 'HTML.')]
        public string $terms,
        #[OA\Property(description: 'HTML.')]
        public string $policy,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $hosts,
        #[OA\Property]
        public string $after_paying,
        #[OA\Property]
        public string $after_cancelling,
        #[OA\Property(description: 'For how long a link to files works.')]
        public string $download_days,
        #[OA\Property(description: 'How often each file may be downloaded by it.')]
        public string $download_times,
    ) {}

    public static function of(CheckoutRules $rules): self
    {
        return new self(
            company: $rules->demand(CheckoutField::Company),
            postcode: $rules->demand(CheckoutField::Postcode),
            phone: $rules->demand(CheckoutField::Phone),
            comment: $rules->demand(CheckoutField::Comment),
            coupon_place: $rules->couponPlace,
            terms: $rules->terms,
            policy: $rules->policy,
            hosts: $rules->hosts,
            after_paying: $rules->afterPaying ?? '',
            after_cancelling: $rules->afterCancelling ?? '',
            download_days: (string) $rules->downloads->days,
            download_times: (string) $rules->downloads->times,
        );
    }
}
