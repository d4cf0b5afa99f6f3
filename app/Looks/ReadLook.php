<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Picture;
use App\Models\Shop;
use PaperKite\Look\LookEntry;
use PaperKite\Look\PictureFacts;
use PaperKite\Text\FormInput;

/** Reads the form of a look, with the picture that it names. */
final readonly class ReadLook
{
    public function __invoke(Shop $shop, FormInput $typed): LookEntry
    {
        return LookEntry::read($typed, $this->picture($shop, $typed));
    }

    /** One that this shop has uploaded, by its number or by the path that it is shown at. */
    private function picture(Shop $shop, FormInput $typed): ?PictureFacts
    {
        $path = $typed->text('picture_path');
        $id = $typed->id('picture_id');
        $picture = match (true) {
            $id !== null => $shop->pictures()->whereKey($id)->first(),
            $path !== '' && mb_check_encoding($path, 'ASCII') => $shop->pictures()->where('file', basename($path))->first(),
            default => null,
        };

        return $picture instanceof Picture ? new PictureFacts($picture->path(), $picture->width, $picture->height) : null;
    }
}
