<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Casts\ShopRulesForm;
use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Rules')]
final readonly class RulesResource
{
    private function __construct(
        #[OA\Property]
        public ShopRulesForm $rules,
        #[OA\Property]
        public string $home_country,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
        #[OA\Property(description: 'Whether the currency can still be another.')]
        public bool $may_change_currency,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
    ) {}

    public static function of(Shop $shop, bool $mayChangeCurrency, int $version): self
    {
        return new self(ShopRulesForm::of($shop->rules()), $shop->home_country, $shop->currency, $mayChangeCurrency, $version);
    }
}
