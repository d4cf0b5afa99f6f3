<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** One thing in a look that is hard to see or to hit: where, by how much, and what would do. */
final readonly class LookDoubt
{
    public function __construct(
        /** The key of the value it is about. */
        public string $at,
        public string $sentence,
        /** A value that would do; `null` where there is none to propose. */
        public ?string $proposal = null,
    ) {}
}
