<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Picture;
use App\Models\Product;
use App\Models\Variant;

/**
 * Writes a product’s table of variants; a variant is known again by its choices.
 *
 * @phpstan-import-type VariantRow from ProductRows
 */
final readonly class SaveVariants
{
    /**
     * @param  list<VariantRow>  $rows
     * @param  array<string, int>  $stockSeen  by SKU
     */
    public function __invoke(Product $product, array $rows, array $stockSeen): void
    {
        $kept = Variant::query()->where('product_id', $product->id)->lockForUpdate()->get()->keyBy('choices_digest');
        $digests = array_map(static fn (array $row): string => self::digest($row['choices']), $rows);
        Variant::query()->where('product_id', $product->id)->whereNotIn('choices_digest', $digests)->delete();
        $this->makeRoom($product, array_combine($digests, $rows), $kept->all());
        $pictures = Picture::query()->where('product_id', $product->id)->pluck('id')->all();
        foreach ($rows as $position => $row) {
            $known = $kept->get($digests[$position]);
            $owned = ['shop_id' => $product->shop_id, 'picture_id' => in_array($row['picture_id'], $pictures, true) ? $row['picture_id'] : null];
            $isUntouched = $known !== null && $row['stock'] !== null && $row['stock'] === ($stockSeen[$row['sku']] ?? null);
            $before = $known?->ownEvent();
            $saved = Variant::query()->updateOrCreate(
                ['product_id' => $product->id, 'choices_digest' => $digests[$position]],
                // What was sold while the form was open stays sold.
                $owned + array_diff_key($row, $isUntouched ? ['stock' => true] : []) + $this->endedSale($known, $row),
            );
            if ($known !== null && ($before === null ? $saved->ownEvent() !== null : ! $before->equals($saved->ownEvent()))) {
                $saved->update(['event_sequence' => $known->event_sequence + 1]);
            }
        }
    }

    /** @param  list<string>  $choices */
    public static function digest(array $choices): string
    {
        return hash('sha256', json_encode($choices, JSON_THROW_ON_ERROR));
    }

    /**
     * SKUs may change places among the variants: whoever changes theirs leaves the old one first.
     *
     * @param  array<string, VariantRow>  $rows  by digest
     * @param  array<array-key, Variant>  $kept  by digest
     */
    private function makeRoom(Product $product, array $rows, array $kept): void
    {
        Variant::query()->where('product_id', $product->id)->whereNotNull('is_preselected')->update(['is_preselected' => null]);
        foreach ($rows as $digest => $row) {
            $known = $kept[$digest] ?? null;
            if ($known !== null && $known->sku !== $row['sku']) {
                Variant::query()->whereKey($known->id)->toBase()->update(['sku' => "~{$known->id}"]);
            }
        }
    }

    /**
     * A sale that the form does not ask for stays, as long as it stands below a price.
     *
     * @param  VariantRow  $row
     * @return array<string, null>
     */
    private function endedSale(?Variant $known, array $row): array
    {
        $isSale = $known?->sale_minor === null || ($row['price_minor'] !== null && $row['price_minor'] >= $known->sale_minor);

        return $isSale ? [] : ['sale_minor' => null, 'sale_from' => null, 'sale_until' => null];
    }
}
