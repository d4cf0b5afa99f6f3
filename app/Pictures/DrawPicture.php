<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\WholeFile;
use App\Models\PictureFile;
use GdImage;

/** Draws a picture anew, at a size that pages need, so that nothing else that its file held is kept. */
final readonly class DrawPicture
{
    private const MOST_PIXELS = 25_000_000;

    private const LONGEST_SIDE = 1600;

    private const QUALITY = 84;

    public function __construct(private string $folder) {}

    /**
     * @param  string  $path  of a JPEG, PNG, WebP or GIF
     * @return PictureFile that is written, in all its widths
     *
     * @throws UnusablePicture after nothing of it is left
     */
    public function __invoke(string $path): PictureFile
    {
        $image = $this->scaled($this->decoded($path), self::LONGEST_SIDE);
        $file = PictureFile::fresh(imagesx($image), imagesy($image));
        foreach ($this->encoded($image, $file) as $name => $bytes) {
            WholeFile::write("{$this->folder}/{$name}", $bytes) || $this->giveUp($file);
        }

        return $file;
    }

    /** @return iterable<string, string> bytes by the file's name */
    private function encoded(GdImage $image, PictureFile $file): iterable
    {
        yield $file->name => self::bytes(static fn () => imagewebp($image, null, self::QUALITY));
        foreach ($file->narrower() as $width => $name) {
            $narrow = imagescale($image, $width, -1, IMG_BICUBIC) ?: throw UnusablePicture::unreadable();
            imagesavealpha($narrow, true);
            yield $name => self::bytes(static fn () => imagewebp($narrow, null, self::QUALITY));
        }
        yield (string) $file->plain() => self::bytes(fn () => imagejpeg($this->onWhite($this->scaled($image, PictureFile::LONGEST_PLAIN_SIDE)), null, self::QUALITY));
    }

    /** What a JPEG can't leave clear is white. */
    private function onWhite(GdImage $image): GdImage
    {
        $sheet = imagecreatetruecolor(max(1, imagesx($image)), max(1, imagesy($image)));
        imagefill($sheet, 0, 0, (int) imagecolorallocate($sheet, 255, 255, 255));
        imagecopy($sheet, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));

        return $sheet;
    }

    /** @param  callable(): mixed  $print */
    private static function bytes(callable $print): string
    {
        ob_start();
        $print();

        return (string) ob_get_clean();
    }

    /** @throws UnusablePicture after nothing of it is left */
    private function giveUp(PictureFile $file): never
    {
        foreach ($file->all() as $name) {
            @unlink("{$this->folder}/{$name}");
        }
        throw UnusablePicture::noRoom();
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

    private function scaled(GdImage $image, int $longestSide): GdImage
    {
        $longest = max(imagesx($image), imagesy($image));
        if ($longest <= $longestSide) {
            imagesavealpha($image, true);

            return $image;
        }
        $width = max(1, (int) round(imagesx($image) * $longestSide / $longest));
        $height = max(1, (int) round(imagesy($image) * $longestSide / $longest));
        $scaled = imagescale($image, $width, $height, IMG_BICUBIC) ?: throw UnusablePicture::unreadable();
        imagesavealpha($scaled, true);

        return $scaled;
    }
}
