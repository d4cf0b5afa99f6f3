<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use DomainException;
use PaperKite\Refusal;

final class InvalidStock extends DomainException implements Refusal
{
    public static function notACount(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self($text === ''
            ? 'The stock is missing; enter how many pieces there are, or stop tracking stock.'
            : "“{$shown}” is not a number of pieces; enter a whole number such as 12.");
    }

    public static function outOfRange(int $pieces, int $max): self
    {
        return new self("The stock can't be {$pieces}; enter a number from 0 to {$max}.");
    }
}
