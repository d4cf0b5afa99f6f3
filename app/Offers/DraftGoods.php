<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Look;
use App\Models\Product;
use PaperKite\Catalogue\TermsKind;
use PaperKite\Offer\Draft;

/** A draft, and the rows behind what it names. */
final readonly class DraftGoods
{
    /**
     * @param  list<Product|null>  $products  of each of its goods, in order
     * @param  Look  $look  the one that was chosen, or the shop's
     * @param  int|null  $lookId  `null` where the shop's is used, whichever that is
     */
    public function __construct(
        public Draft $draft,
        private array $products,
        public Look $look,
        public ?int $lookId,
    ) {}

    /** @return list<array{position: int, product_id: int, variant_id: int|null, quantity: int, terms: string, amount_minor: int|null}> as the table of lines keeps them */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->draft->items as $index => $item) {
            $product = $this->products[$index];
            if ($product !== null) {
                $variant = $product->variants->firstWhere('sku', $item->variant);
                $pick = $item->read()?->pick;
                $lines[] = ['position' => $index, 'product_id' => $product->id, 'variant_id' => $variant?->id, 'quantity' => $pick->quantity->pieces ?? 1, 'terms' => $pick->terms->kind->value ?? TermsKind::Once->value, 'amount_minor' => $pick?->terms->amount?->minor];
            }
        }

        return $lines;
    }
}
