<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Models\DownloadFile;
use App\Models\ProductFile;
use App\Time\Clock;

/** Clears away files that are in no form any more and that nobody bought. What they were made of is swept after them. */
final readonly class SweepFiles
{
    /** For so long a file that was taken out of a form can come back. */
    private const DAYS = 30;

    public function __construct(private Clock $clock) {}

    /** @return int how many */
    public function __invoke(): int
    {
        return ProductFile::query()->whereNull('product_id')->where('free_since', '<', $this->clock->now()->subDays(self::DAYS))
            ->whereNotIn('id', DownloadFile::query()->select('product_file_id'))
            ->delete();
    }
}
