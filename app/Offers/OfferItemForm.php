<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\OfferLine;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OfferItemEntry')]
final readonly class OfferItemForm
{
    private function __construct(
        #[OA\Property]
        public int $product_id,
        #[OA\Property(description: 'The SKU of a variant; blank: none, or the shopper says which.')]
        public string $variant,
        #[OA\Property(description: 'As typed.')]
        public string $quantity,
        #[OA\Property(description: 'What a click gives, as typed; blank: the shopper says how much, or nothing is given.')]
        public string $amount,
    ) {}

    public static function of(OfferLine $line): self
    {
        return new self($line->product_id, $line->variant->sku ?? '', (string) $line->quantity, $line->amount_minor === null ? '' : $line->product->money($line->amount_minor)->decimal());
    }
}
