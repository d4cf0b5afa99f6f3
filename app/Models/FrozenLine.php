<?php

declare(strict_types=1);

namespace App\Models;

use PaperKite\Quote\LineBecause;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

/** A line of a bill as it was shown when the payment was opened. */
final readonly class FrozenLine
{
    public function __construct(
        public int $productId,
        public ?int $variantId,
        public ?int $placementId,
        public string $sku,
        public string $name,
        /** The names of the choices made, as one text. */
        public string $choices,
        /** The path of the picture. */
        public string $picture,
        public int $quantity,
        public int $unitMinor,
        public int $subtotalMinor,
        public int $discountMinor,
        public int $taxMinor,
        public string $because,
    ) {}

    public static function of(CartLine $line, ReceiptLine $priced, Receipt $receipt): self
    {
        return new self(
            $line->product_id,
            $line->variant_id,
            $line->placement_id,
            $priced->line->sku()->text,
            $line->product->name,
            implode(' · ', $line->variant->choices ?? []),
            $line->picturePath(),
            $line->quantity,
            $priced->unit->today->minor,
            $priced->subtotal->minor,
            $priced->discount->minor,
            $priced->tax->minor,
            LineBecause::of($priced, $receipt)->unit ?? '',
        );
    }
}
