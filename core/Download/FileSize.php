<?php

declare(strict_types=1);

namespace PaperKite\Download;

/** How large a file is that is sent in parts, one after the other. */
final readonly class FileSize
{
    /** In bytes: what is sent at once. */
    public const PART = 5 * 1024 * 1024;

    /** In bytes. */
    public const LARGEST = 2 * 1024 * 1024 * 1024;

    private const UNIT = 1024;

    private function __construct(public int $bytes) {}

    /** @throws InvalidFileSize */
    public static function of(int $bytes): self
    {
        return match (true) {
            $bytes < 1 => throw InvalidFileSize::blank(),
            $bytes > self::LARGEST => throw InvalidFileSize::tooLarge(self::shownOf($bytes)),
            default => new self($bytes),
        };
    }

    /** @return int bytes of the part that begins there; 0 at the end */
    public function partAt(int $offset): int
    {
        return max(0, min(self::PART, $this->bytes - $offset));
    }

    /** As people read it: 840 bytes, 12 kB, 4.2 MB. */
    public static function shownOf(int $bytes): string
    {
        return match (true) {
            $bytes < self::UNIT => $bytes === 1 ? '1 byte' : "{$bytes} bytes",
            $bytes < self::UNIT ** 2 => round($bytes / self::UNIT).' kB',
            $bytes < self::UNIT ** 3 => number_format($bytes / self::UNIT ** 2, 1, '.', '').' MB',
            default => number_format($bytes / self::UNIT ** 3, 2, '.', '').' GB',
        };
    }
}
