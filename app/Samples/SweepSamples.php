<?php

declare(strict_types=1);

namespace App\Samples;

use App\Models\Sample;
use App\Time\Clock;

/** Clears away samples that are in no form any more. */
final readonly class SweepSamples
{
    /** For so long one that was taken out of a form can come back. */
    private const DAYS = 30;

    public function __construct(
        private SampleFiles $files,
        private Clock $clock,
    ) {}

    /** @return int how many */
    public function __invoke(): int
    {
        $swept = 0;
        Sample::query()->whereNull('product_id')->where('free_since', '<', $this->clock->now()->subDays(self::DAYS))->chunkById(200, function ($samples) use (&$swept): void {
            foreach ($samples as $sample) {
                $sample->delete();
                $this->files->remove($sample);
                $swept++;
            }
        });

        return $swept;
    }
}
