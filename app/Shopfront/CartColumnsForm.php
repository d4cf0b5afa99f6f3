<?php

declare(strict_types=1);

namespace App\Shopfront;

use OpenApi\Attributes as OA;
use PaperKite\Shopfront\CartColumns;

#[OA\Schema(schema: 'CartColumns', description: 'What the cart shows of each line.')]
final readonly class CartColumnsForm
{
    private function __construct(
        #[OA\Property]
        public bool $picture,
        #[OA\Property(description: 'What a piece costs.')]
        public bool $price_each,
        #[OA\Property(description: 'A field in which the quantity is changed.')]
        public bool $quantity,
        #[OA\Property]
        public bool $remove,
    ) {}

    public static function of(CartColumns $columns): self
    {
        return new self($columns->picture, $columns->priceEach, $columns->quantity, $columns->remove);
    }
}
