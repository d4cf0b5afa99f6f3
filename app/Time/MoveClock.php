<?php

declare(strict_types=1);

namespace App\Time;

use App\Files\WholeFile;
use RuntimeException;

/** Moves the demo's clock on. */
final readonly class MoveClock
{
    public function __construct(
        private Clock $clock,
        private ?string $offsetFile,
    ) {}

    public function isPossible(): bool
    {
        return $this->offsetFile !== null;
    }

    public function by(int $seconds): void
    {
        WholeFile::write((string) $this->offsetFile, (string) ($this->clock->offset() + $seconds))
            || throw new RuntimeException('The demo’s clock could not be moved: its file can’t be written.');
    }
}
