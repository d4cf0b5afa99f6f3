<?php

declare(strict_types=1);

namespace PaperKite\Money;

use DomainException;
use PaperKite\Refusal;

final class InvalidPercentage extends DomainException implements Refusal
{
    public static function missing(): self
    {
        return new self('The percentage is missing.');
    }

    public static function notANumber(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self("“{$shown}” is not a percentage; write digits with a point, such as 19 or 8.875.");
    }

    public static function aboveAll(string $text): self
    {
        return new self("“{$text}” is more than 100 percent; enter a percentage from 0 to 100.");
    }
}
