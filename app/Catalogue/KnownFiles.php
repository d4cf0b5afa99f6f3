<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\ProductFile;
use App\Models\Sample;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Text\FormInput;

/** Of the files and samples that a form names, those that may be in it: the shop's, and no other product's. */
final readonly class KnownFiles
{
    /**
     * @param  list<int>  $files
     * @param  list<int>  $samples
     */
    private function __construct(
        public array $files,
        public array $samples,
    ) {}

    /** @param  int  $product  whose form it is; 0: a new one's */
    public static function named(FormInput $typed, Shop $shop, int $product): self
    {
        $files = array_values(array_filter(array_map(static fn (FormInput $file): ?int => $file->id('id'), $typed->items('files')), is_int(...)));
        $sample = $typed->id('sample');
        $free = static fn (Builder $of) => $of->whereNull('product_id')->orWhere('product_id', $product);

        /** @var list<int> $knownFiles */
        $knownFiles = $files === [] ? [] : ProductFile::query()->where('shop_id', $shop->id)->whereKey($files)->where($free)->pluck('id')->all();
        /** @var list<int> $knownSamples */
        $knownSamples = $sample === null ? [] : Sample::query()->where('shop_id', $shop->id)->whereKey($sample)->where($free)->pluck('id')->all();

        return new self($knownFiles, $knownSamples);
    }
}
