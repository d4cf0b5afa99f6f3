<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Database\InTransaction;
use App\Models\FileVersion;
use App\Models\ProductFile;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Time\Clock;

/** Makes of an upload a file that a product can be sold with; asked twice, it is the same. */
final readonly class AddFile
{
    public function __construct(
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @param  StoredFile  $stored  that is whole */
    public function __invoke(Shop $shop, StoredFile $stored): ProductFile
    {
        return ($this->inTransaction)(function () use ($shop, $stored): ProductFile {
            StoredFile::query()->whereKey($stored->id)->lockForUpdate()->firstOrFail();
            $made = FileVersion::query()->where('stored_file_id', $stored->id)->first();
            if ($made !== null) {
                return ProductFile::query()->where('shop_id', $shop->id)->findOrFail($made->product_file_id);
            }
            $now = $this->clock->now();
            $file = ProductFile::query()->create(['shop_id' => $shop->id, 'product_id' => null, 'variant_id' => null, 'position' => 0, 'version' => 1, 'created_at' => $now, 'free_since' => $now]);
            $file->versions()->create(['number' => 1, 'stored_file_id' => $stored->id, 'name' => $stored->name, 'is_for_earlier' => false, 'created_at' => $now]);

            return $file;
        });
    }
}
