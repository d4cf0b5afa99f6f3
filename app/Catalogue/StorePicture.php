<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Files\WholeFile;
use App\Models\Picture;
use App\Models\Shop;
use App\Time\Clock;
use GdImage;
use Illuminate\Http\UploadedFile;

/** Takes an uploaded picture in: drawn anew at a size that pages need, so that nothing else that the file held is kept. */
final readonly class StorePicture
{
    private const MOST_PIXELS = 25_000_000;

    private const LONGEST_SIDE = 1600;

    private const QUALITY = 84;

    public function __construct(
        private Clock $clock,
        private string $folder,
    ) {}

    /** @throws UnusablePicture */
    public function __invoke(Shop $shop, UploadedFile $upload): Picture
    {
        $image = $this->scaled($this->decoded($upload->getRealPath() ?: throw UnusablePicture::unreadable()));
        $file = bin2hex(random_bytes(16)).'.webp';
        WholeFile::write("{$this->folder}/{$file}", $this->encoded($image)) || throw UnusablePicture::noRoom();

        return $shop->pictures()->create(['file' => $file, 'width' => imagesx($image), 'height' => imagesy($image), 'alt' => '', 'created_at' => $this->clock->now()]);
    }

    private function encoded(GdImage $image): string
    {
        ob_start();
        imagewebp($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** @throws UnusablePicture */
    private function decoded(string $path): GdImage
    {
        // The header is read first: a small file may unfold into more pixels than there is memory for.
        $size = @getimagesize($path) ?: throw UnusablePicture::notARaster();
        if (! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP, IMAGETYPE_GIF], true)) {
            throw UnusablePicture::notARaster();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnusablePicture::tooManyPixels($size[0], $size[1]);
        }
        $image = @imagecreatefromstring((string) file_get_contents($path)) ?: throw UnusablePicture::unreadable();
        imagepalettetotruecolor($image);

        return $image;
    }

    private function scaled(GdImage $image): GdImage
    {
        $longest = max(imagesx($image), imagesy($image));
        if ($longest <= self::LONGEST_SIDE) {
            imagesavealpha($image, true);

            return $image;
        }
        $width = max(1, (int) round(imagesx($image) * self::LONGEST_SIDE / $longest));
        $height = max(1, (int) round(imagesy($image) * self::LONGEST_SIDE / $longest));
        $scaled = imagescale($image, $width, $height, IMG_BICUBIC) ?: throw UnusablePicture::unreadable();
        imagesavealpha($scaled, true);

        return $scaled;
    }
}
