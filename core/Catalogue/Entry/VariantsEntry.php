<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use DateTimeZone;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Weight;
use PaperKite\Catalogue\WeightUnit;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** The table of variants in a product’s form: a row for each combination that is sold. */
final readonly class VariantsEntry
{
    public function __construct(
        private PriceEntry $prices,
        private FieldErrors $wrong,
        private DateTimeZone $zone,
    ) {}

    /**
     * @param  list<Option>  $options
     * @param  Sku|null  $productSku  which no variant may share
     * @return list<EnteredVariant>
     */
    public function read(FormInput $typed, array $options, ?Sku $productSku): array
    {
        $combinations = OptionsEntry::combinations($options);
        $variants = [];
        $taken = $productSku === null ? [] : [$productSku->text];
        $seen = [];
        foreach ($typed->items('variants') as $entry) {
            $choices = $entry->texts('choices');
            // A row whose choices are gone from the options goes with them.
            if (! in_array($choices, $combinations, true) || in_array($choices, $seen, true)) {
                continue;
            }
            $seen[] = $choices;
            $variant = $this->variant($entry, $choices, $taken);
            if ($variant !== null) {
                $taken[] = $variant->sku->text;
                $variants[] = $variant;
            }
        }
        $this->mustHaveOnePreselected($typed, $variants);
        if ($combinations !== [] && $typed->items('variants') === []) {
            $this->wrong->add($typed->path('options'), 'With these options nothing is sold yet; keep at least one variant.');
        }

        return $variants;
    }

    /**
     * @param  list<string>  $choices
     * @param  list<string>  $taken  SKUs
     */
    private function variant(FormInput $entry, array $choices, array $taken): ?EnteredVariant
    {
        $sku = $this->wrong->at($entry->path('sku'), fn (): Sku => Sku::of($entry->text('sku')));
        if ($sku !== null && in_array($sku->text, $taken, true)) {
            $this->wrong->add($entry->path('sku'), "The SKU “{$sku->text}” stands here twice; each variant has its own.");
        }
        $price = $this->prices->amount($entry, 'price');
        $stock = trim($entry->text('stock')) === '' ? null : $this->wrong->at($entry->path('stock'), fn (): Stock => Stock::fromEntry($entry->text('stock')));
        $weight = trim($entry->text('weight')) === '' ? null : $this->wrong->at($entry->path('weight'), fn (): Weight => Weight::fromEntry($entry->decimal('weight'), WeightUnit::Gram));

        return $sku === null ? null : new EnteredVariant($choices, $sku, $price, $stock?->pieces, $weight?->grams, $entry->id('picture_id'), $entry->isOn('is_preselected'), EventEntry::read($entry, $this->zone, $this->wrong));
    }

    /** @param  list<EnteredVariant>  $variants */
    private function mustHaveOnePreselected(FormInput $typed, array $variants): void
    {
        if (count(array_filter($variants, static fn (EnteredVariant $variant): bool => $variant->isPreselected)) > 1) {
            $this->wrong->add($typed->path('variants'), 'Two variants are chosen beforehand; keep one.');
        }
    }
}
