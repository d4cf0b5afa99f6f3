<?php

declare(strict_types=1);

namespace Tests\Support;

/** What this machine was given of its own cores: on a shared one, others take from it, and all takes longer. */
final readonly class MachineTime
{
    private function __construct(
        private int $all,
        private int $stolen,
    ) {}

    public static function now(): self
    {
        // The first line of proc(5) stat: user, nice, system, idle, iowait, irq, softirq, steal.
        $times = array_map(intval(...), array_slice(preg_split('/\s+/', (string) strtok((string) file_get_contents('/proc/stat'), "\n")) ?: [], 1, 8));

        return new self((int) array_sum($times), $times[7] ?? 0);
    }

    /** @return float from 0.1, where hardly anything was left, to 1 */
    public function leftSince(): float
    {
        $now = self::now();

        return max(0.1, 1 - ($now->stolen - $this->stolen) / max(1, $now->all - $this->all));
    }
}
