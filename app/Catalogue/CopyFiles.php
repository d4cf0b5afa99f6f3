<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Product;
use App\Models\ProductFile;
use App\Models\SampleState;
use App\Time\Clock;
use Closure;

/** Gives the next product the files of another as they are sold now, and its sample: other rows of the same files. */
final readonly class CopyFiles
{
    public function __construct(private Clock $clock) {}

    /**
     * @param  Product  $product  with all that its form is filled with
     * @param  Closure(string): string  $sku  what the SKU of a variant becomes
     * @return array{files: list<array{id: int, variant: string}>, sample: int|null} as its form names them
     */
    public function of(Product $product, Closure $sku): array
    {
        $free = ['product_id' => null, 'created_at' => $this->clock->now(), 'free_since' => $this->clock->now()];
        $sample = $product->sample?->state === SampleState::Ready ? $product->sample->replicate()->fill($free) : null;
        $sample?->save();

        return [
            'files' => array_values($product->files->map(fn (ProductFile $file): array => ['id' => $this->copy($file, $free), 'variant' => $sku($file->variant->sku ?? '')])->all()),
            'sample' => $sample?->id,
        ];
    }

    /** @param  array<string, mixed>  $free */
    private function copy(ProductFile $file, array $free): int
    {
        $now = $file->current();
        $copy = ProductFile::query()->create($free + ['shop_id' => $file->shop_id, 'variant_id' => null, 'position' => $file->position, 'version' => 1]);
        $copy->versions()->create(['number' => 1, 'stored_file_id' => $now->stored_file_id, 'name' => $now->name, 'is_for_earlier' => false, 'created_at' => $free['created_at']]);

        return $copy->id;
    }
}
