<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\Download;
use App\Models\ProductFile;
use Illuminate\Database\Eloquent\Builder;

/** Gives each line a link to the files of its product, or of the variant that was bought, as they are now. */
final readonly class GrantDownloads implements Fulfils
{
    public function take(array $lines): array
    {
        return [];
    }

    public function handOver(array $lines, array $paid): void
    {
        foreach ($lines as $line) {
            $files = ProductFile::query()->where('product_id', $line->product_id)
                ->where(static fn (Builder $which) => $which->whereNull('variant_id')->orWhere('variant_id', $line->variant_id))
                ->orderBy('position')->get(['id', 'version']);
            $terms = $line->loadMissing('product')->product->downloadTerms($line->order->shop);
            $download = Download::query()->create([
                'shop_id' => $line->order->shop_id, 'order_id' => $line->order_id, 'order_line_id' => $line->id, 'turn' => 1, 'digest' => Download::digestOf($line->id, 1),
                'until' => $line->order->placed_at->addDays($terms->days), 'most' => $terms->times * $line->quantity, 'created_at' => $line->order->placed_at,
            ]);
            $download->files()->createMany($files->map(static fn (ProductFile $file): array => ['product_file_id' => $file->id, 'version' => $file->version])->all());
        }
    }
}
