<?php

declare(strict_types=1);

namespace App\Demo;

use App\Downloads\AddFile;
use App\Downloads\UseDownload;
use App\Models\Download;
use App\Models\Product;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Samples\AddSample;
use App\Uploads\BeginUpload;
use App\Uploads\TakePart;
use LogicException;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Download\FileName;
use PaperKite\Download\FileSize;

/** What the beekeeper sells to read: the year of a hive, month by month, and its first pages for nothing. */
final readonly class MosslightGuide
{
    public const SKU = 'hive-year';

    private const SAMPLE_PAGES = 2;

    private const MONTHS = [
        "The hive year\nTwelve months in the Vale of Tarn\n\nWhat to look for, what to leave alone,\nand what to have ready before it is needed.\n\nWren Halloway\nMosslight Apiary",
        "January\nThe cluster sits still around its food.\nLift a corner of the hive with two fingers:\nheavy is good, light wants sugar today.\n\nClear snow from the entrance.\nLeave the lid on.",
        "February\nHazel and snowdrop open on the first mild noon.\nBees fly out to clean themselves.\n\nSpread of yellow dots on the snow: all is well.\nOrder frames now; in April nobody has any.",
        "March\nWillow. The queen lays again, and food goes fast.\nMore hives starve in March than in January.\n\nWeigh every hive once a week.",
        "April\nFirst look inside, above fifteen degrees and without wind.\nEggs, food, room: three things, then close.\n\nGive the first super when bees cover seven frames.",
        "May\nSwarming. Look for queen cells every seven days.\nKeep a box ready, and a sheet, and a friend.",
        "June\nLime along the mill race.\nThe first honey is ripe when it does not drip\nfrom a frame that you shake.",
    ];

    public function __construct(
        private BeginUpload $begin,
        private TakePart $take,
        private AddFile $add,
        private AddSample $sample,
        private UseDownload $use,
    ) {}

    public function load(Shop $shop): Product
    {
        $product = $shop->products()->create([
            'sku' => self::SKU, 'name' => 'The hive year, a guide', 'kind' => ProductKind::Digital, 'price_minor' => 1400, 'currency' => $shop->currency, 'picture' => Drawing::Hive, 'weight_unit' => 'g',
            'summary' => '<p>What a hive needs in each month, on paper that you print yourself. PDF, in English.</p>',
        ]);
        $stored = $this->stored($shop, Pdf::ofPages(self::MONTHS), 'the-hive-year.pdf');
        ($this->add)($shop, $stored)->update(['product_id' => $product->id, 'free_since' => null]);
        ($this->sample)($shop, $stored, self::SAMPLE_PAGES)->update(['product_id' => $product->id, 'free_since' => null]);

        return $product;
    }

    /** Whoever bought it first has had it already. */
    public function download(Shop $shop): void
    {
        $download = Download::query()->where('shop_id', $shop->id)->orderBy('id')->firstOrFail();
        ($this->use)($download, $download->files()->firstOrFail()->id);
    }

    private function stored(Shop $shop, string $bytes, string $name): StoredFile
    {
        $file = ($this->begin)($shop, null, FileName::of($name), FileSize::of(strlen($bytes)));
        $stream = fopen('php://memory', 'w+b') ?: throw new LogicException('There is no memory.');
        fwrite($stream, $bytes);

        return ($this->take)($file, 0, hash('sha256', $bytes, true), $stream);
    }
}
