<?php

declare(strict_types=1);

namespace App\Looks;

use App\Files\WholeFile;
use App\Models\Picture;
use App\Models\PictureFile;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Look\IconDrawing;
use PaperKite\Look\InvalidDrawing;

/** Takes an uploaded SVG in: drawn anew from its shapes, so that nothing else that the file held is kept. */
final readonly class StoreIcon
{
    public function __construct(
        private Clock $clock,
        private string $folder,
    ) {}

    /**
     * @return Picture|null `null` where there is no room for it
     *
     * @throws InvalidDrawing
     */
    public function __invoke(Shop $shop, string $bytes): ?Picture
    {
        $drawing = IconDrawing::read($bytes);
        $file = PictureFile::drawing($drawing->width);
        if (! WholeFile::write("{$this->folder}/{$file->name}", $drawing->svg)) {
            return null;
        }
        $now = $this->clock->now();

        return $shop->pictures()->create(['file' => $file->name, 'width' => $drawing->width, 'height' => PictureFile::DRAWN_HEIGHT, 'alt' => '', 'created_at' => $now, 'free_since' => $now]);
    }
}
