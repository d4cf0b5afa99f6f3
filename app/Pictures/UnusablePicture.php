<?php

declare(strict_types=1);

namespace App\Pictures;

use PaperKite\Refusal;
use RuntimeException;

final class UnusablePicture extends RuntimeException implements Refusal
{
    public static function notARaster(): self
    {
        return new self('This is not a picture that can be taken; choose a JPEG, PNG, WebP or GIF.');
    }

    public static function tooManyPixels(int $width, int $height): self
    {
        return new self("The picture is {$width} × {$height} pixels, which is more than 25 megapixels; make it smaller first.");
    }

    public static function noRoom(): self
    {
        return new self('The server has no room for pictures just now; nothing was kept. Tell whoever runs it, and try again.');
    }

    public static function unreadable(): self
    {
        return new self('The picture can’t be read; it may be damaged. Save it anew, or choose another.');
    }
}
