<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Casts\RulesForm;
use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Rules')]
final readonly class RulesResource
{
    /** @param  array<string, mixed>  $rules */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ShopRules', type: 'object')]
        public array $rules,
        #[OA\Property]
        public string $home_country,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
        #[OA\Property(description: 'Whether the currency can still be another.')]
        public bool $may_change_currency,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
    ) {}

    public static function of(Shop $shop, int $version): self
    {
        return new self(RulesForm::written($shop->rules()), $shop->home_country, $shop->currency, ! $shop->products()->exists() && ! $shop->coupons()->exists(), $version);
    }
}
