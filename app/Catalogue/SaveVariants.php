<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Picture;
use App\Models\Product;
use App\Models\Variant;
use PaperKite\Catalogue\Entry\EnteredVariant;

/** Writes a product’s table of variants; a variant is known again by its choices. */
final readonly class SaveVariants
{
    /**
     * @param  list<EnteredVariant>  $entered
     * @param  array<string, int>  $stockSeen  by SKU
     */
    public function __invoke(Product $product, array $entered, array $stockSeen): void
    {
        $kept = Variant::query()->where('product_id', $product->id)->lockForUpdate()->get()->keyBy('choices_digest');
        $digests = array_map(static fn (EnteredVariant $variant): string => self::digest($variant->choices), $entered);
        Variant::query()->where('product_id', $product->id)->whereNotIn('choices_digest', $digests)->delete();
        $this->makeRoom($product, $entered, $kept->all());
        $pictures = Picture::query()->where('product_id', $product->id)->pluck('id')->all();
        foreach ($entered as $position => $variant) {
            $known = $kept->get($digests[$position]);
            $attributes = $this->attributes($product, $variant, $position, $pictures) + $this->endedSale($known, $variant);
            $isUntouched = $known !== null && $variant->stock !== null && $variant->stock === ($stockSeen[$variant->sku->text] ?? null);
            Variant::query()->updateOrCreate(
                ['product_id' => $product->id, 'choices_digest' => $digests[$position]],
                // What was sold while the form was open stays sold.
                $isUntouched ? array_diff_key($attributes, ['stock' => true]) : $attributes,
            );
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
     * @param  list<EnteredVariant>  $entered
     * @param  array<array-key, Variant>  $kept  by digest
     */
    private function makeRoom(Product $product, array $entered, array $kept): void
    {
        Variant::query()->where('product_id', $product->id)->whereNotNull('is_preselected')->update(['is_preselected' => null]);
        foreach ($entered as $variant) {
            $known = $kept[self::digest($variant->choices)] ?? null;
            if ($known !== null && $known->sku !== $variant->sku->text) {
                Variant::query()->whereKey($known->id)->toBase()->update(['sku' => "~{$known->id}"]);
            }
        }
    }

    /**
     * A sale that the form does not ask for stays, as long as it stands below a price.
     *
     * @return array<string, null>
     */
    private function endedSale(?Variant $known, EnteredVariant $entered): array
    {
        $isSale = $known?->sale_minor === null || ($entered->price !== null && $entered->price->minor >= $known->sale_minor);

        return $isSale ? [] : ['sale_minor' => null, 'sale_from' => null, 'sale_until' => null];
    }

    /**
     * @param  array<mixed>  $pictures  ids of the product’s pictures
     * @return array<string, mixed>
     */
    private function attributes(Product $product, EnteredVariant $variant, int $position, array $pictures): array
    {
        return [
            'shop_id' => $product->shop_id,
            'position' => $position,
            'sku' => $variant->sku->text,
            'choices' => $variant->choices,
            'price_minor' => $variant->price?->minor,
            'weight_g' => $variant->weightGrams,
            'stock' => $variant->stock,
            'picture_id' => in_array($variant->pictureId, $pictures, true) ? $variant->pictureId : null,
            'is_preselected' => $variant->isPreselected ? true : null,
        ];
    }
}
