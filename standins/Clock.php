<?php

declare(strict_types=1);

namespace Standins;

/** The time of the demo: the machine's, and as much more as a file says that the shops read too. */
final readonly class Clock
{
    public function __construct(private string $offsetFile) {}

    public static function ofEnvironment(): self
    {
        return new self((string) getenv('KITE_CLOCK'));
    }

    /** @return float seconds since 1970 */
    public function now(): float
    {
        return microtime(true) + $this->ahead();
    }

    /** Seconds by which the demo was moved on. */
    public function ahead(): float
    {
        return is_file($this->offsetFile) ? (float) file_get_contents($this->offsetFile) : 0.0;
    }
}
