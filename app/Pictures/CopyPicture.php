<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\WholeFile;
use App\Models\Picture;
use App\Time\Clock;

/** Makes another picture of one that is there, with files of its own, that belongs to nothing yet. */
final readonly class CopyPicture
{
    public function __construct(
        private Clock $clock,
        private string $folder,
    ) {}

    /** @throws UnusablePicture */
    public function __invoke(Picture $picture): Picture
    {
        $from = $picture->files();
        $to = $from->another();
        foreach (array_combine($from->all(), $to->all()) as $is => $becomes) {
            WholeFile::write("{$this->folder}/{$becomes}", (string) file_get_contents("{$this->folder}/{$is}")) || throw UnusablePicture::noRoom();
        }
        $now = $this->clock->now();

        return Picture::query()->create(['shop_id' => $picture->shop_id, 'file' => $to->name, 'width' => $picture->width, 'height' => $picture->height, 'alt' => $picture->alt, 'created_at' => $now, 'free_since' => $now]);
    }
}
