<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use OpenApi\Attributes as OA;
use PaperKite\Offer\CartUse;

#[OA\Schema(schema: 'CartUseChoice', description: 'What an offer can do with the shopper’s cart.')]
final readonly class CartUseResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/CartUse')]
        public CartUse $value,
        #[OA\Property(description: 'As it reads in the sentence.')]
        public string $words,
        #[OA\Property(description: 'What choosing it means.')]
        public string $note,
    ) {}

    public static function of(CartUse $use): self
    {
        return new self($use, $use->words(), $use->note());
    }
}
