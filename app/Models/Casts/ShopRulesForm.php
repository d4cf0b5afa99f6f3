<?php

declare(strict_types=1);

namespace App\Models\Casts;

use OpenApi\Attributes as OA;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;

/** What a shop adds to its prices, as its form and its column hold it: the one place where a field of it is named. `ShopRulesEntry` reads it. */
#[OA\Schema(schema: 'ShopRules', description: 'Amounts and percentages as texts with a point; from and limit are texts where a table goes by total, whole numbers otherwise.')]
final readonly class ShopRulesForm
{
    /**
     * @param  array{percent: string, fixed: string}  $payment_fee
     * @param  list<array{country: string, class: string, rate: string}>  $tax
     * @param  list<ZoneForm>  $zones
     */
    private function __construct(
        #[OA\Property]
        public bool $prices_include_tax,
        #[OA\Property(description: 'IANA.')]
        public string $timezone,
        #[OA\Property(required: ['percent', 'fixed'], properties: [new OA\Property(property: 'percent', type: 'string'), new OA\Property(property: 'fixed', type: 'string')], type: 'object')]
        public array $payment_fee,
        #[OA\Property]
        public ?string $shipping_tax_class,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['country', 'class', 'rate'], properties: [
            new OA\Property(property: 'country', type: 'string'), new OA\Property(property: 'class', type: 'string'), new OA\Property(property: 'rate', type: 'string'),
        ], type: 'object'))]
        public array $tax,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ZoneForm::class))]
        public array $zones,
    ) {}

    public static function of(ShopRules $rules): self
    {
        return new self(
            prices_include_tax: $rules->tax->areContained,
            timezone: $rules->timezone->getName(),
            payment_fee: ['percent' => $rules->paymentFee->percent->text ?? '0', 'fixed' => $rules->paymentFee?->fixed->decimal() ?? '0'],
            shipping_tax_class: $rules->shippingTaxClass,
            tax: self::rates($rules),
            zones: array_map(static fn (ShippingZone $zone): ZoneForm => ZoneForm::of($zone, $rules->currency), $rules->zones),
        );
    }

    /** @return list<array{country: string, class: string, rate: string}> */
    private static function rates(ShopRules $rules): array
    {
        $rates = [];
        foreach ($rules->tax->rates as $country => $byClass) {
            foreach ($byClass as $class => $rate) {
                $rates[] = ['country' => $country, 'class' => (string) $class, 'rate' => $rate->text];
            }
        }

        return $rates;
    }
}
