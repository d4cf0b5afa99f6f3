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

    /** Stands before each line, as in RFC 7464: what a full disk has torn is neither joined to the line after it nor ended by it. */
    private const BEGIN = "\x1e";

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
        $file = $this->fileWithRoom($act->at);

        return $file !== null && self::appendTo($file, $act->line());
    }

    /**
     * @param  int  $at  seconds since 1970, when it was done
     * @return string|null the file that an act stands in; `null` where it is too large already
     */
    public function fileWithRoom(int $at): ?string
    {
        $file = $this->fileOf($at);
        clearstatcache(false, $file);

        return (int) @filesize($file) < self::LARGEST_FILE ? $file : null;
    }

    /**
     * @param  int  $at  seconds since 1970, when it was done
     * @return string the file of its hour
     */
    public function fileOf(int $at): string
    {
        return $this->path($this->nameOf($at));
    }

    /**
     * @param  string  $file  of a spool, for the hour in which it was done
     * @param  string  $line  of an act
     * @return bool whether it will be counted
     */
    public static function appendTo(string $file, string $line): bool
    {
        $text = self::BEGIN."{$line}\n";
        // All of it, by one write.
        if (@file_put_contents($file, $text, FILE_APPEND) === strlen($text)) {
            return true;
        }
        if (! is_dir(dirname($file))) {
            @mkdir(dirname($file), 0o770, true);
        }

        // Once more, should the folder be there now, whoever made it.
        return @file_put_contents($file, $text, FILE_APPEND) === strlen($text);
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

        return [array_map(self::last(...), $lines), $from + array_sum(array_map(static fn (string $line): int => strlen($line) + 1, $lines))];
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

    /** @return string what was begun last in a line */
    private static function last(string $line): string
    {
        $begin = strrpos($line, self::BEGIN);

        return $begin === false ? $line : substr($line, $begin + 1);
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
