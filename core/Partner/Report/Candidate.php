<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** A place from which the shopper may have come. */
final readonly class Candidate
{
    public function __construct(
        public Place $place,
        /** Within the time in which a sale counts. */
        public int $clicks,
    ) {}
}
