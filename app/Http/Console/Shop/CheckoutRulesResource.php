<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Shops\CheckoutRulesForm;
use OpenApi\Attributes as OA;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\CouponPlace;

#[OA\Schema(schema: 'CheckoutRules')]
final readonly class CheckoutRulesResource
{
    /**
     * @param  list<CheckoutFieldResource>  $fields
     * @param  list<string>  $hosts
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: CheckoutFieldResource::class))]
        public array $fields,
        #[OA\Property(ref: '#/components/schemas/CouponPlace')]
        public CouponPlace $coupon_place,
        #[OA\Property]
        public string $terms,
        #[OA\Property]
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
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
    ) {}

    public static function of(CheckoutRules $rules, int $version): self
    {
        $form = CheckoutRulesForm::of($rules);

        return new self(
            array_map(static fn (CheckoutField $field) => CheckoutFieldResource::of($field, $rules), CheckoutField::cases()),
            $form->coupon_place,
            $form->terms,
            $form->policy,
            $form->hosts,
            $form->after_paying,
            $form->after_cancelling,
            $form->download_days,
            $form->download_times,
            $version,
        );
    }
}
