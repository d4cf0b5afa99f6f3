<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use DomainException;
use PaperKite\Refusal;

final class InvalidWeight extends DomainException implements Refusal
{
    public static function notANumber(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self("“{$shown}” is not a weight; write digits with a point, such as 520 or 1.5.");
    }

    public static function tooHeavy(): self
    {
        return new self('That is more than a tonne; enter a smaller weight, or check the unit.');
    }
}
