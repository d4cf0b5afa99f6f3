<?php

declare(strict_types=1);

namespace App\Database;

use Closure;

/** Does work under a name that only one does at a time, on however many machines. Whoever dies lets go of it. */
final readonly class OneAtATime
{
    private const PATIENCE_SECONDS = 20;

    public function __construct(private NamedLock $lock) {}

    /**
     * @template T
     *
     * @param  string  $name  64 characters at most
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws Busy when others were at it for too long
     */
    public function __invoke(string $name, Closure $work): mixed
    {
        if (! $this->lock->take($name, self::PATIENCE_SECONDS)) {
            throw Busy::with($name);
        }
        try {
            return $work();
        } finally {
            $this->lock->release($name);
        }
    }
}
