<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Models\Download;
use App\Time\Clock;

/** Ends a link, what is just being downloaded by it included; a fresh one can be sent. */
final readonly class StopLink
{
    public function __construct(private Clock $clock) {}

    public function __invoke(Download $download): void
    {
        Download::query()->whereKey($download->id)->whereNull('stopped_at')->update(['stopped_at' => $this->clock->now()]);
    }
}
