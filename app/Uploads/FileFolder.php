<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\StoredFile;

/** Where files lie that shops sell: outside of what a web server hands out by itself, under names that say nothing. */
final readonly class FileFolder
{
    public function __construct(private string $folder) {}

    public function pathOf(StoredFile $file): string
    {
        return "{$this->folder}/{$file->path}";
    }

    /** In bytes; 0 where nobody can say. */
    public function room(): int
    {
        return $this->isThere() ? (int) @disk_free_space($this->folder) : 0;
    }

    public function isThere(): bool
    {
        return is_dir($this->folder) || @mkdir($this->folder, 0o755, true) || is_dir($this->folder);
    }

    /** @return resource|null to read and write; `null` where it can't be opened */
    public function open(StoredFile $file)
    {
        $path = $this->pathOf($file);
        $isThere = is_dir(dirname($path)) || @mkdir(dirname($path), 0o755, true) || is_dir(dirname($path));
        $stream = $isThere ? @fopen($path, 'c+b') : false;

        return $stream === false ? null : $stream;
    }

    public function remove(StoredFile $file): void
    {
        @unlink($this->pathOf($file));
    }

    /** @return iterable<string> paths in the folder that were not touched since */
    public function untouchedSince(int $seconds): iterable
    {
        foreach (glob("{$this->folder}/*/*") ?: [] as $path) {
            if ((int) @filemtime($path) < $seconds) {
                yield substr($path, strlen($this->folder) + 1);
            }
        }
    }

    public function removeAt(string $path): void
    {
        @unlink("{$this->folder}/{$path}");
    }
}
