<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\UploadedFile;

/** Takes an uploaded picture in, as one that belongs to nothing yet. */
final readonly class StorePicture
{
    public function __construct(
        private DrawPicture $draw,
        private Clock $clock,
    ) {}

    /** @throws UnusablePicture */
    public function __invoke(Shop $shop, UploadedFile $upload): Picture
    {
        $file = ($this->draw)($upload->getRealPath() ?: throw UnusablePicture::unreadable());
        $now = $this->clock->now();

        return $shop->pictures()->create(['file' => $file->name, 'width' => $file->width, 'height' => $file->height, 'alt' => '', 'created_at' => $now, 'free_since' => $now]);
    }
}
