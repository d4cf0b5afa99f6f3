<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use DomainException;
use PaperKite\Refusal;

final class InvalidQuantity extends DomainException implements Refusal
{
    public static function outOfRange(string $entered, int $max, int $min = 1): self
    {
        $shown = mb_strimwidth(mb_scrub($entered, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self($entered === ''
            ? "The quantity is missing; enter a whole number from {$min} to {$max}."
            : "The quantity can't be “{$shown}”; enter a whole number from {$min} to {$max}.");
    }
}
