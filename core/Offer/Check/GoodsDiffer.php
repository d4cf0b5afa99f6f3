<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class GoodsDiffer implements Check
{
    public function findings(Proof $proof): array
    {
        $seen = $findings = [];
        foreach ($proof->draft->items as $index => $item) {
            $goods = $item->product === null ? '' : "{$item->product->sku->text}/{$item->variant}";
            if ($goods !== '' && in_array($goods, $seen, true)) {
                $findings[] = Finding::error(Slot::Product, "“{$item->product?->name}” is in this offer twice; say how many in one place, and take the other out.")->ofItem($index);
            }
            $seen[] = $goods;
        }

        return $findings;
    }
}
