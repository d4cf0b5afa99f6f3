<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Variant;

/** Reads `variants` of a product. */
final readonly class VariantsReader
{
    public function __construct(
        private PriceReader $prices,
        private FreeSkus $skus,
    ) {}

    /**
     * @param  list<Option>  $options
     * @return list<Variant>
     */
    public function variants(ObjectNode $product, array $options): array
    {
        $nodes = $product->items('variants');
        if ($options !== [] && ! $product->has('variants')) {
            $product->at('options')?->refuse('Options need variants, one for each combination that is sold.');
        }
        if ($nodes !== [] && ! $product->has('options')) {
            $product->at('variants')?->refuse('Variants need options, from which each takes a choice.');
        }
        $variants = [];
        foreach ($nodes as $node) {
            $entry = $node->object(['sku', 'choices'], ['price', 'sale', 'cost', 'weight_g']);
            if ($entry === null) {
                continue;
            }
            $sku = $this->skus->free($entry->at('sku'));
            $choices = $this->chosen($entry->at('choices'), $options);
            $price = $this->prices->price($entry);
            $cost = $this->prices->amount($entry->at('cost'));
            $weight = $entry->at('weight_g')?->integer(0);
            if ($sku !== null) {
                $variants[] = new Variant($sku, $choices, $price, $cost, $weight);
            }
        }

        return $variants;
    }

    /**
     * @param  list<Option>  $options
     * @return list<string>
     */
    private function chosen(?Node $node, array $options): array
    {
        $items = $node?->items();
        if ($node === null || $items === null) {
            return [];
        }
        if ($options !== [] && count($items) !== count($options)) {
            $node->refuse('A variant names one choice for each option, in their order.');
        }
        $chosen = [];
        foreach ($items as $i => $item) {
            $name = $item->text();
            if ($name !== null && isset($options[$i]) && self::isWhole($options[$i]) && $options[$i]->choice($name) === null) {
                $item->refuse("“{$options[$i]->name}” has no choice “{$name}”.");
            }
            $chosen[] = $name ?? '';
        }

        return $chosen;
    }

    /** Where a choice could not be read, that is told; which choices there are can't be. */
    private static function isWhole(Option $option): bool
    {
        return $option->choices !== [] && ! in_array('', array_column($option->choices, 'name'), true);
    }
}
