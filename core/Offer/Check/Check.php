<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;

/** One rule that an offer is held to. */
interface Check
{
    /** @return list<Finding> */
    public function findings(Proof $proof): array;
}
