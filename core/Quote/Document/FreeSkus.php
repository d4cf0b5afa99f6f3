<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\Sku;

/** The SKUs that a quote document has named so far: each names one product or variant. */
final class FreeSkus
{
    /** @var array<string, true> */
    private array $taken = [];

    public function free(?Node $node): ?Sku
    {
        $sku = $node?->sku();
        if ($sku !== null && isset($this->taken[$sku->text])) {
            $node?->refuse("The SKU “{$sku->text}” is taken already; products and variants each have their own.");
        }
        if ($sku !== null) {
            $this->taken[$sku->text] = true;
        }

        return $sku;
    }
}
