<?php

declare(strict_types=1);

namespace App\Shops;

use App\Models\Casts\ShopRulesForm;
use App\Models\Shop;
use OpenApi\Attributes as OA;

/** What a shop adds to the price of its goods, and where it is at home, as their form holds it. */
#[OA\Schema(schema: 'RulesEntry')]
final readonly class RulesForm
{
    private function __construct(
        #[OA\Property]
        public ShopRulesForm $rules,
        #[OA\Property]
        public string $home_country,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
    ) {}

    public static function of(Shop $shop): self
    {
        return new self(ShopRulesForm::of($shop->rules()), $shop->home_country, $shop->currency);
    }
}
