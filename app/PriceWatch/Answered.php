<?php

declare(strict_types=1);

namespace App\PriceWatch;

/** What another site answered. */
final readonly class Answered
{
    public function __construct(
        public int $status,
        public string $body,
        /** Where it leads on, as it was written; blank: nowhere. */
        public string $location,
        /** In seconds; 0: nothing was said. */
        public int $retryAfter,
    ) {}

    public function isRedirect(): bool
    {
        return in_array($this->status, [301, 302, 303, 307, 308], true) && $this->location !== '';
    }
}
