<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;

final readonly class PlacesDiffer implements Check
{
    public function findings(Proof $proof): array
    {
        $twice = array_keys(array_filter(array_count_values($proof->draft->shop->placeNames()), static fn (int $times): bool => $times > 1));

        return array_map(static fn (int|string $name): Finding => Finding::caution(null, "Two places are called “{$name}”; the results can’t be told apart, so rename one."), $twice);
    }
}
