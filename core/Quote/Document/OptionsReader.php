<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;

/** Reads `options` of a product, with their choices. */
final readonly class OptionsReader
{
    public function __construct(private PriceReader $prices) {}

    /** @return list<Option> */
    public function options(ObjectNode $product): array
    {
        $options = [];
        $priced = false;
        foreach ($product->items('options') as $node) {
            $entry = $node->object(['name', 'choices'], []);
            if ($entry?->at('choices')?->is([]) === true) {
                $entry->refuse('choices', 'An option needs at least one choice.');
            }
            $option = new Option($entry?->at('name')?->text() ?? '', $this->choices($entry?->items('choices') ?? []));
            if ($priced && $option->setsPrices()) {
                $node->refuse('Another option sets the price already; let the choices of this one add to it.');
            }
            $priced = $priced || $option->setsPrices();
            $options[] = $option;
        }

        return $options;
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<Choice>
     */
    private function choices(array $nodes): array
    {
        $choices = [];
        foreach ($nodes as $node) {
            $entry = $node->object(['name'], ['price', 'sale', 'adds']);
            if ($entry === null) {
                continue;
            }
            $name = $entry->at('name')?->text();
            $price = $this->prices->price($entry);
            $adds = $this->prices->amount($entry->at('adds'));
            if ($entry->at('price') !== null) {
                $entry->at('adds')?->refuse('A choice sets a price or adds to it, not both; remove one.');
            }
            if ($name !== null && in_array($name, array_column($choices, 'name'), true)) {
                $entry->at('name')?->refuse("There is a choice “{$name}” already.");
            }
            $choices[] = new Choice($name ?? '', $price, $adds);
        }

        return $choices;
    }
}
