<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Amount;
use App\Models\PartnerAddress;
use App\PartnerReports\Outlook;
use App\PartnerReports\SalesRecord;
use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;

#[OA\Schema(schema: 'Commission', description: 'What a product should bring at a marketplace, and what it has brought.')]
final readonly class CommissionResource
{
    private function __construct(
        #[OA\Property(description: 'Of the address.')]
        public int $id,
        #[OA\Property]
        public int $product_id,
        #[OA\Property]
        public string $product,
        #[OA\Property]
        public string $marketplace,
        #[OA\Property(description: 'As the marketplace calls it; blank: none was entered.')]
        public string $category,
        #[OA\Property(description: 'The present price; blank: none is known.')]
        public string $price,
        #[OA\Property(description: 'Of the day; blank: none was entered.', example: '4 %')]
        public string $rate,
        #[OA\Property(description: 'Of one sale; null where price or rate is missing.', oneOf: [new OA\Schema(ref: Amount::class), new OA\Schema(type: 'null')])]
        public ?Amount $commission,
        #[OA\Property(description: 'In the last 90 days.')]
        public int $clicks,
        #[OA\Property]
        public ConversionResource $conversion,
        #[OA\Property(description: 'Of these clicks; blank where it can’t be told.', example: '€12.40')]
        public string $expected,
        #[OA\Property(description: 'Its two ends; blank where there is only one.', example: '€6.10 to €25.00')]
        public string $between,
        #[OA\Property(description: 'Sales that were reported of them.')]
        public int $sales,
        #[OA\Property(description: 'What they earned.')]
        public string $earned,
        #[OA\Property(description: 'What is missing, and where to enter it; blank: nothing.')]
        public string $missing,
    ) {}

    /** @param  PartnerAddress  $address  of an item, with its product and its marketplace */
    public static function of(PartnerAddress $address, SalesRecord $record, Outlook $outlook): self
    {
        $expected = $outlook->expected;

        return new self(
            id: $address->id,
            product_id: $address->product_id,
            product: $address->product->name,
            marketplace: $address->marketplace->name,
            category: $address->category,
            price: $outlook->price?->shown() ?? '',
            rate: $outlook->rate === null ? '' : "{$outlook->rate->share->text} %",
            commission: $expected === null ? null : Amount::of($expected->commission),
            clicks: $record->clicks,
            conversion: ConversionResource::of($outlook->conversion, $record->clicks),
            expected: $expected?->earnings->shown() ?? '',
            between: $expected === null || $expected->low->equals($expected->high) ? '' : "{$expected->low->shown()} to {$expected->high->shown()}",
            sales: $record->sales,
            earned: Money::ofMinor($record->commissionMinor, Currency::of($address->marketplace->currency))->shown(),
            missing: self::missing($address, $outlook),
        );
    }

    /** @return string what is missing, and where to enter it; blank: nothing */
    public static function missing(PartnerAddress $address, Outlook $outlook): string
    {
        return match (true) {
            $outlook->rate === null => "{$address->marketplace->name} has no rate for ".($address->category === '' ? 'goods without a category' : "“{$address->category}”").' today; enter one there.',
            $outlook->price === null => 'No price is known; look at its page, or write the price in the product.',
            default => '',
        };
    }
}
