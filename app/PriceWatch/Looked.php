<?php

declare(strict_types=1);

namespace App\PriceWatch;

use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\SeenPage;

/** What came of looking at an item's page. */
final readonly class Looked
{
    public function __construct(
        public SeenPage|PageProblem $page,
        /** For how many seconds the host wants to be left alone (RFC 9110, Retry-After). */
        public int $waitSeconds = 0,
    ) {}
}
