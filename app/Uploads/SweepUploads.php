<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\FileVersion;
use App\Models\Sample;
use App\Models\StoredFile;
use App\Time\Clock;

/** Clears away files that came half and were left, and those that nothing is sold or shown of. */
final readonly class SweepUploads
{
    private const DAYS = 2;

    private const AT_ONCE = 500;

    public function __construct(
        private FileFolder $folder,
        private DropUpload $drop,
        private Clock $clock,
    ) {}

    /** @return int how many */
    public function __invoke(): int
    {
        $before = $this->clock->now()->subDays(self::DAYS);
        $swept = 0;
        $left = StoredFile::query()->where('touched_at', '<', $before);
        $left->whereNotIn('id', FileVersion::query()->select('stored_file_id'));
        $left->whereNotIn('id', Sample::query()->whereNotNull('stored_file_id')->select('stored_file_id'));
        foreach ($left->limit(self::AT_ONCE)->get() as $file) {
            ($this->drop)($file);
            $swept++;
        }

        return $swept + $this->withoutRow();
    }

    /** What a killed server left behind. The machine's own days: that is what its files are dated by. */
    private function withoutRow(): int
    {
        $swept = 0;
        $since = $this->clock->now()->getTimestamp() - $this->clock->offset() - self::DAYS * 86_400;
        foreach ($this->folder->untouchedSince($since) as $path) {
            if (StoredFile::query()->where('path', $path)->doesntExist()) {
                $this->folder->removeAt($path);
                $swept++;
            }
        }

        return $swept;
    }
}
