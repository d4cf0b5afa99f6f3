<?php

declare(strict_types=1);

namespace App\Samples;

use App\Models\Sample;
use App\Models\SampleState;
use App\Pictures\DrawPicture;
use App\Pictures\UnusablePicture;
use App\Uploads\FileFolder;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Draws the pages of a sample, or says why they can’t be drawn. */
final class DrawPages implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    public int $tries = 3;

    public string $queue = 'copies';

    public function __construct(public readonly int $sampleId) {}

    public function handle(FileFolder $files, PdfPages $pages, DrawPicture $draw, PageFolder $folder): void
    {
        $sample = Sample::query()->with('stored')->find($this->sampleId);
        if ($sample === null || $sample->state !== SampleState::Waiting || $sample->stored === null) {
            return;
        }
        $path = $files->pathOf($sample->stored);
        try {
            $names = $folder->with(static fn (string $into): array => array_map(static fn (string $page): string => $draw($page)->name, $pages($path, $sample->pages, $into)));
            $sample->update(['state' => SampleState::Ready, 'pictures' => $names, 'stored_file_id' => null]);
        } catch (UnreadablePdf|UnusablePicture $unusable) {
            self::giveUp($this->sampleId, $unusable->getMessage());
        }
    }

    /** A worker that is killed with it, again and again, is not killed for ever. */
    public function failed(?Throwable $why): void
    {
        self::giveUp($this->sampleId, UnreadablePdf::tooMuch()->getMessage());
    }

    private static function giveUp(int $sampleId, string $problem): void
    {
        Sample::query()->whereKey($sampleId)->where('state', SampleState::Waiting)->update(['state' => SampleState::Broken, 'problem' => $problem, 'stored_file_id' => null]);
    }
}
