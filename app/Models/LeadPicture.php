<?php

declare(strict_types=1);

namespace App\Models;

use PaperKite\Catalogue\Drawing;

/** A picture as a page shows it: one that was uploaded, or a drawing that ships with Paper Kite. */
final readonly class LeadPicture
{
    /** @param  array{int, int}|array{null, null}  $sharedSize */
    private function __construct(
        public string $path,
        public string $alt,
        /** For programs that know no WebP. */
        public string $plain,
        /** For programs that show it beside a link: they know JPEG and PNG. */
        public string $shared,
        /** Width and height in px of what is shared; `null`: not known. */
        public array $sharedSize,
        /** As `srcset` of HTML; blank where there is one width only. */
        public string $widths = '',
        /** In px; `null` where it takes what room there is. */
        public ?int $width = null,
        public ?int $height = null,
    ) {}

    public static function uploaded(string $name, string $alt): self
    {
        $file = PictureFile::named($name);

        return new self($file->path(), $alt, $file->plainPath(), $file->plainPath(), $file->plainSize(), $file->widths(), $file->width, $file->height);
    }

    public static function drawn(Drawing $drawing): self
    {
        return new self($drawing->path(), $drawing->label(), $drawing->path(), $drawing->sharedPath(), [Drawing::SHARED_SIDE, Drawing::SHARED_SIDE]);
    }
}
