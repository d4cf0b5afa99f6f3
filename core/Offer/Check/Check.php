<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;

interface Check
{
    /** @return list<Finding> */
    public function findings(Draft $draft): array;
}
