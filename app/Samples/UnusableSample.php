<?php

declare(strict_types=1);

namespace App\Samples;

use PaperKite\Download\FileSize;
use RuntimeException;

/** Why something can't be shown as a sample, and what to do. */
final class UnusableSample extends RuntimeException
{
    public static function unknown(): self
    {
        return new self('This can’t be shown on a page; choose a picture, an MP3, OGG, M4A or WAV, an MP4 or WebM, or a PDF.');
    }

    public static function tooLarge(int $bytes, int $most): self
    {
        $shown = FileSize::shownOf($bytes);
        $limit = FileSize::shownOf($most);

        return new self("The sample has {$shown}; up to {$limit} are taken. Cut a shorter piece.");
    }

    public static function noRoom(): self
    {
        return new self('The server has no room for samples just now; nothing was kept. Tell whoever runs it, and try again.');
    }

    public static function noPages(): self
    {
        return new self('Pages are taken of a PDF; this file is none.');
    }
}
