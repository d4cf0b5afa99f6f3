<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use App\Models\Variant;
use Carbon\CarbonImmutable;
use DateTimeZone;
use OpenApi\Attributes as OA;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

/** A variant as the product's form holds it. */
#[OA\Schema(schema: 'VariantEntry')]
final readonly class VariantForm
{
    /** @param  list<string>  $choices */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $choices,
        #[OA\Property]
        public string $sku,
        #[OA\Property(description: 'Blank: as its choices say.')]
        public string $price,
        #[OA\Property(description: 'Blank: not counted.')]
        public string $stock,
        #[OA\Property(x: ['optional' => true])]
        public ?int $stock_seen,
        #[OA\Property(description: 'In grams; blank: as the product’s.')]
        public string $weight,
        #[OA\Property]
        public ?int $picture_id,
        #[OA\Property]
        public bool $is_preselected,
        #[OA\Property(description: 'When it begins, by the shop’s clock; blank: as the product says.', x: ['optional' => true])]
        public string $begins,
        #[OA\Property(x: ['optional' => true])]
        public string $ends,
        #[OA\Property(x: ['optional' => true])]
        public string $place,
    ) {}

    public static function of(Variant $variant, Product $product, DateTimeZone $zone): self
    {
        $local = static fn (?CarbonImmutable $at): string => $at === null ? '' : LocalTime::typed(Moment::ofSeconds((int) $at->getTimestamp()), $zone);

        return new self(
            choices: $variant->choices,
            sku: $variant->sku,
            price: $variant->price_minor === null ? '' : $product->money($variant->price_minor)->decimal(),
            stock: (string) $variant->stock,
            stock_seen: $variant->stock,
            weight: (string) $variant->weight_g,
            picture_id: $variant->picture_id,
            is_preselected: $variant->is_preselected === true,
            begins: $local($variant->begins_at),
            ends: $local($variant->ends_at),
            place: $variant->place,
        );
    }
}
