<?php

declare(strict_types=1);

namespace PaperKite\Words;

use PaperKite\Money\Money;
use PaperKite\Time\Day;

/** A language in which shoppers are spoken to; its value is the tag of RFC 5646. */
enum Language: string
{
    case English = 'en';

    /** @param  string  $key  of the phrase; blank where this release does not know it */
    public function text(string $key): string
    {
        return $this->texts()[$key] ?? '';
    }

    /** @return array<string, string> all phrases, by their keys */
    public function texts(): array
    {
        return match ($this) {
            self::English => Catalogue\English::TEXTS,
        };
    }

    public function dates(): Dates
    {
        return match ($this) {
            self::English => new Dates(Catalogue\English::MONTHS, Catalogue\English::SHORT_MONTHS, '{day} {month} {year}', '{date}, {time}'),
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
