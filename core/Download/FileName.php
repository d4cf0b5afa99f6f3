<?php

declare(strict_types=1);

namespace PaperKite\Download;

use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;

/** The name of a file that shoppers get: what stood in a folder, without the folder, and without what makes it look like another name. */
final readonly class FileName
{
    /** In characters, of four bytes at most; file systems take 255 bytes, and a browser may number it. */
    public const LONGEST = 120;

    /** Marks that turn the direction of what follows (Unicode, UAX 9), by which “exe.gpj” can be shown as “jpg.exe”. */
    private const TURNING = '/[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    private function __construct(public string $text) {}

    /**
     * @throws InvalidLine
     * @throws InvalidFileName
     */
    public static function of(string $typed): self
    {
        $parts = explode('/', str_replace('\\', '/', $typed));
        $name = Line::of($parts[count($parts) - 1], 'The name of the file', self::LONGEST)->text;
        if (preg_match(self::TURNING, $name) === 1) {
            throw InvalidFileName::turned();
        }
        if (trim($name, '. ') === '') {
            throw InvalidFileName::dots($name);
        }

        return new self($name);
    }

    /** In letters that every header can carry (RFC 6266, 4.3). */
    public function ascii(): string
    {
        return (string) preg_replace('/[^A-Za-z0-9 ._()-]/u', '_', $this->text);
    }
}
