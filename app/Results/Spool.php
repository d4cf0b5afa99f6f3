<?php

declare(strict_types=1);

namespace App\Results;

use App\Time\Clock;

/**
 * What is counted on pages of others, one line each, until it is written into the database. To append is one write at
 * the end of the file (`O_APPEND`), so that any number of processes do it at once and none waits for a lock.
 *
 * A file holds an hour, and is never written to again once the hour is over. A power cut may cost the last second.
 */
final readonly class Spool
{
    private const ENDING = '.spool';

    /** More than this an hour is no shop's but somebody's who fills the disk: it is not counted. */
    private const LARGEST_FILE = 256 * 1024 * 1024;

    /** Whoever began to append as the hour ended is done by then. */
    private const SECONDS_AFTER_ITS_HOUR = 300;

    /** More than a batch of lines is never read at once. */
    private const LONGEST_READ = 1024 * 1024;

    public function __construct(
        private string $folder,
        private Clock $clock,
    ) {}

    /** @return bool whether it will be counted */
    public function append(SpooledAct $act): bool
    {
        $path = $this->path($this->nameOf($act->at));
        $file = @fopen($path, 'ab');
        if ($file === false) {
            // Another process may make the folder in between: that it could not be made is told by the file that can't be opened.
            @mkdir($this->folder, 0o770, true);
            $file = @fopen($path, 'ab');
        }
        if ($file === false) {
            return false;
        }
        $line = $act->line()."\n";
        $hasRoom = (fstat($file)['size'] ?? 0) < self::LARGEST_FILE;
        $isWhole = $hasRoom && @fwrite($file, $line) === strlen($line);
        if ($hasRoom && ! $isWhole) {
            // On a full disk a line may be torn: the next one begins anew.
            @fwrite($file, "\n");
        }
        fclose($file);

        return $isWhole;
    }

    /** @return list<string> names of files, the oldest first */
    public function files(): array
    {
        $files = array_map(basename(...), glob("{$this->folder}/*".self::ENDING) ?: []);
        sort($files);

        return $files;
    }

    /**
     * @param  int  $from  in bytes
     * @param  int  $most  lines
     * @return array{list<string>, int} whole lines, and the place after the last of them
     */
    public function read(string $name, int $from, int $most): array
    {
        $text = @file_get_contents($this->path($name), offset: $from, length: self::LONGEST_READ);
        $end = is_string($text) ? strrpos($text, "\n") : false;
        if (! is_string($text) || $end === false) {
            return [[], $from];
        }
        $lines = array_slice(explode("\n", substr($text, 0, $end)), 0, $most);

        return [$lines, $from + array_sum(array_map(static fn (string $line): int => strlen($line) + 1, $lines))];
    }

    /** Whether nobody appends to it any more. */
    public function isClosed(string $name): bool
    {
        return $name < $this->nameOf($this->clock->seconds() - self::SECONDS_AFTER_ITS_HOUR);
    }

    public function remove(string $name): void
    {
        @unlink($this->path($name));
    }

    private function path(string $name): string
    {
        return "{$this->folder}/{$name}";
    }

    /** Machines that share a database have a spool each, and so a name each for every hour. */
    private function nameOf(int $seconds): string
    {
        return gmdate('Y-m-d-H', $seconds).'-'.hash('xxh3', gethostname()."|{$this->folder}").self::ENDING;
    }
}
