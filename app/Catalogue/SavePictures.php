<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Picture;
use App\Models\Product;
use App\Time\Clock;

/** Puts a product’s pictures into their order; one that is left out is let go of. */
final readonly class SavePictures
{
    public function __construct(private Clock $clock) {}

    /** @param  list<PictureEntry>  $entries */
    public function __invoke(Product $product, array $entries): void
    {
        $pictures = Picture::query()->where('shop_id', $product->shop_id)
            ->where(fn ($query) => $query->whereNull('product_id')->orWhere('product_id', $product->id))
            ->whereKey(array_map(static fn (PictureEntry $entry): int => $entry->id, $entries))
            ->get()->keyBy('id');
        Picture::query()->where('product_id', $product->id)->whereKeyNot($pictures->keys()->all())->update(['product_id' => null, 'free_since' => $this->clock->now()]);
        $lead = null;
        foreach ($entries as $position => $entry) {
            $picture = $pictures->get($entry->id);
            $picture?->update(['product_id' => $product->id, 'position' => $position, 'alt' => $entry->alt]);
            $lead ??= $picture;
        }
        $product->update(['lead_picture' => $lead?->file, 'lead_alt' => $lead?->alt]);
    }
}
