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
        return LookEntry::read($typed, $this->facts(NamedPicture::in($shop, $typed, 'picture')), $this->facts(NamedPicture::in($shop, $typed, 'icon')));
    }

    private function facts(?Picture $picture): ?PictureFacts
    {
        return $picture === null ? null : new PictureFacts($picture->path(), $picture->width, $picture->height);
    }
}
