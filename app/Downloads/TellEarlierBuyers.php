<?php

declare(strict_types=1);

namespace App\Downloads;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Mails a fresh link to everybody who bought an earlier version of a file, some at a time, each once. */
final class TellEarlierBuyers implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    private const AT_ONCE = 100;

    public function __construct(
        public readonly int $fileId,
        public readonly int $version,
    ) {}

    public function handle(FreshLink $fresh): void
    {
        $some = EarlierBuyers::of($this->fileId, $this->version)->orderBy('id')->limit(self::AT_ONCE)->get();
        foreach ($some as $download) {
            $fresh->forVersion($download, $this->fileId, $this->version);
        }
        if ($some->count() === self::AT_ONCE) {
            self::dispatch($this->fileId, $this->version);
        }
    }
}
