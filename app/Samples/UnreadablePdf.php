<?php

declare(strict_types=1);

namespace App\Samples;

use RuntimeException;

/** Why no pages could be drawn of a PDF, and what to do. */
final class UnreadablePdf extends RuntimeException
{
    /** Of a process that was killed: more than this is 128 and the signal. */
    private const KILLED = 128;

    public static function tooMuch(): self
    {
        return new self('Its first pages take too long, or too much memory, to draw; save the PDF with simpler pictures, or upload a picture of them.');
    }

    public static function because(string $said, int $status): self
    {
        return match (true) {
            str_contains($said, 'Incorrect password'), str_contains($said, 'encrypt') => new self('The PDF asks for a password; save it without one, and choose it again.'),
            $status > self::KILLED => self::tooMuch(),
            str_contains($said, 'Wrong page range') => new self('There are no pages in this PDF; choose another.'),
            str_contains($said, 'unshare'), str_contains($said, 'failed to execute') => new self('The server can’t draw pages of PDFs just now. Tell whoever runs it; a picture can be shown instead.'),
            default => new self('The PDF can’t be read; it may be damaged. Save it anew, or choose another.'),
        };
    }
}
