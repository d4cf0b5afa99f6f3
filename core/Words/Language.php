<?php

declare(strict_types=1);

namespace PaperKite\Words;

use PaperKite\Money\Money;
use PaperKite\Time\Day;

/** A language in which shoppers are spoken to; its value is the tag of RFC 5646. */
enum Language: string
{
    case English = 'en';

    public function text(Phrase $phrase): string
    {
        return match ($this) {
            self::English => Catalogue\English::text($phrase),
        };
    }

    public function shown(Money|Day|Country|int|string $argument): string
    {
        return match (true) {
            $argument instanceof Money => $argument->shown(),
            $argument instanceof Day => $argument->text(),
            $argument instanceof Country => $argument->name($this->value),
            is_int($argument) => number_format($argument),
            default => $argument,
        };
    }
}
