<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Database\InTransaction;
use App\Models\StoredFile;
use App\Time\Clock;
use HashContext;

/**
 * Writes the next part of a file into its place. It counts once its checksum is right and the disk has it; whatever dies
 * before, the same part is sent again and written over.
 */
final readonly class TakePart
{
    private const AT_ONCE = 65_536;

    public function __construct(
        private FileFolder $folder,
        private DropUpload $drop,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  int  $offset  in bytes, where it begins
     * @param  string  $sha256  of the part, raw
     * @param  resource  $stream  of the part, that can be rewound
     *
     * @throws PartRefused
     * @throws NoRoom after nothing of the file is left
     */
    public function __invoke(StoredFile $file, int $offset, string $sha256, $stream): StoredFile
    {
        try {
            return ($this->inTransaction)(function () use ($file, $offset, $sha256, $stream): StoredFile {
                $locked = StoredFile::query()->whereKey($file->id)->lockForUpdate()->firstOrFail();
                if ($locked->isWhole() || $locked->received !== $offset) {
                    throw PartRefused::elsewhere($locked->received);
                }
                rewind($stream);

                return $this->taken($locked, $sha256, $stream);
            });
        } catch (NoRoom $full) {
            ($this->drop)($file);
            throw $full;
        }
    }

    /** @param  resource  $stream */
    private function taken(StoredFile $file, string $sha256, $stream): StoredFile
    {
        $length = $file->nextPart();
        $all = $this->begun($file);
        $part = hash_init('sha256');
        $this->write($file, $length, $stream, static function (string $bytes) use ($all, $part): void {
            hash_update($all, $bytes);
            hash_update($part, $bytes);
        });
        if (! hash_equals(hash_final($part, true), $sha256)) {
            throw PartRefused::damaged();
        }
        $file->received += $length;
        $file->hashing = $file->received === $file->bytes ? null : serialize($all);
        $file->sha256 = $file->received === $file->bytes ? hash_final($all) : null;
        $file->touched_at = $this->clock->now();
        $file->save();

        return $file;
    }

    /**
     * @param  resource  $stream
     * @param  callable(string): void  $seen
     */
    private function write(StoredFile $file, int $length, $stream, callable $seen): void
    {
        $out = $this->folder->open($file) ?? throw NoRoom::inTheMiddle();
        try {
            @fseek($out, $file->received);
            $written = 0;
            while ($written < $length) {
                $bytes = (string) fread($stream, max(1, min(self::AT_ONCE, $length - $written)));
                if ($bytes === '') {
                    throw PartRefused::ofAnotherLength($length);
                }
                if (@fwrite($out, $bytes) !== strlen($bytes)) {
                    throw NoRoom::inTheMiddle();
                }
                $seen($bytes);
                $written += strlen($bytes);
            }
            if ((string) fread($stream, 1) !== '') {
                throw PartRefused::ofAnotherLength($length);
            }
            if ($file->received + $length === $file->bytes) {
                // What a server that died left behind the end is no part of it.
                @ftruncate($out, max(0, $file->bytes));
            }
            // Only what the disk has counts: on a full one, the last bytes are refused here. A device has nothing to sync.
            if (! @fflush($out) || (is_file($this->folder->pathOf($file)) && ! @fsync($out))) {
                throw NoRoom::inTheMiddle();
            }
        } finally {
            @fclose($out);
        }
    }

    /** The checksum as far as the file has come. */
    private function begun(StoredFile $file): HashContext
    {
        $kept = $file->hashing === null ? false : unserialize($file->hashing, ['allowed_classes' => [HashContext::class]]);

        return $kept instanceof HashContext ? $kept : hash_init('sha256');
    }
}
