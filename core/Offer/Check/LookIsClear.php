<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;

final readonly class LookIsClear implements Check
{
    public function findings(Proof $proof): array
    {
        return array_map(static fn (string $doubt): Finding => Finding::caution(Slot::Look, $doubt)->mendedIn(MendAt::Looks), $proof->draft->look->doubts);
    }
}
