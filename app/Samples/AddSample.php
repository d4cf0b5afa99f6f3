<?php

declare(strict_types=1);

namespace App\Samples;

use App\Models\Sample;
use App\Models\SampleState;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Pictures\DrawPicture;
use App\Pictures\UnusablePicture;
use App\Time\Clock;
use App\Uploads\FileFolder;
use PaperKite\Download\SampleFormat;
use PaperKite\Download\SampleKind;

/** Makes a sample of a file: pictures and pages are drawn anew, sound and moving pictures are kept as they came, under another name. */
final readonly class AddSample
{
    public const MOST_PAGES = 5;

    /** In bytes. */
    private const LARGEST = 100 * 1024 * 1024;

    public function __construct(
        private FileFolder $files,
        private SampleFiles $samples,
        private DrawPicture $draw,
        private Clock $clock,
    ) {}

    /**
     * @param  StoredFile  $stored  that is whole
     * @param  int  $pages  of a PDF
     *
     * @throws UnusableSample
     * @throws UnusablePicture
     */
    public function __invoke(Shop $shop, StoredFile $stored, int $pages): Sample
    {
        $path = $this->files->pathOf($stored);
        $format = SampleFormat::of((string) @file_get_contents($path, length: SampleFormat::START)) ?? throw UnusableSample::unknown();
        // Pages may be taken of what is sold, however large it is.
        if ($format !== SampleFormat::Pdf && $stored->bytes > self::LARGEST) {
            throw UnusableSample::tooLarge($stored->bytes, self::LARGEST);
        }
        $kind = $format->kind();
        $isWaiting = $kind === SampleKind::Pages;
        $now = $this->clock->now();
        $sample = Sample::query()->create([
            'shop_id' => $shop->id, 'product_id' => null, 'kind' => $kind, 'state' => $isWaiting ? SampleState::Waiting : SampleState::Ready,
            'pages' => $isWaiting ? max(1, min(self::MOST_PAGES, $pages)) : 0, 'stored_file_id' => $isWaiting ? $stored->id : null,
            'file' => $kind->isDrawn() ? null : $this->samples->keep($path, $format),
            'pictures' => $kind === SampleKind::Picture ? [($this->draw)($path)->name] : [],
            'problem' => '', 'created_at' => $now, 'free_since' => $now,
        ]);
        if ($isWaiting) {
            DrawPages::dispatch($sample->id);
        }

        return $sample;
    }
}
