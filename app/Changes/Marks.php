<?php

declare(strict_types=1);

namespace App\Changes;

/**
 * What the processes of one machine tell each other without asking the database: that something of a shop is another
 * than it was. A mark is the length of a file that grows by a byte with each change, so that to read it is one system
 * call, and any number of processes set it at once (`O_APPEND`).
 */
final readonly class Marks
{
    private const ALL = 'all';

    private const EVERYBODYS = 0o666;

    public function __construct(private string $folder) {}

    /** Once the change is committed. */
    public function set(int $shopId): void
    {
        // In this order: whoever finds the shop's new mark beside the old one of all has read after the change.
        $this->grow(self::ALL);
        $this->grow((string) $shopId);
    }

    public function of(int $shopId): int
    {
        return self::in($this->fileOf($shopId));
    }

    /** @return string the file that the mark of a shop is read from */
    public function fileOf(int $shopId): string
    {
        return $this->path((string) $shopId);
    }

    /** @param  string  $file  of a mark */
    public static function in(string $file): int
    {
        clearstatcache(false, $file);

        return (int) @filesize($file);
    }

    /** Another one after each change of any shop. */
    public function ofAll(): int
    {
        return self::in($this->path(self::ALL));
    }

    private function grow(string $name): void
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0o770, true);
        }
        $path = $this->path($name);
        $isNew = ! is_file($path);
        @file_put_contents($path, '.', FILE_APPEND);
        if ($isNew) {
            // Whoever runs a command by hand is another user than the servers, which must be able to go on with it.
            @chmod($path, self::EVERYBODYS);
        }
    }

    private function path(string $name): string
    {
        return "{$this->folder}/{$name}.changed";
    }
}
