<?php

declare(strict_types=1);

namespace PaperKite\Money;

use DomainException;
use PaperKite\Refusal;

final class InvalidAmount extends DomainException implements Refusal
{
    public static function missing(): self
    {
        return new self('The amount is missing.');
    }

    public static function notANumber(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8');

        return new self("“{$shown}” is not an amount; write digits with a point, such as 9.80.");
    }

    public static function negative(string $text): self
    {
        return new self("“{$text}” is negative; an amount is 0 or more.");
    }

    public static function tooManyDecimals(string $text, Currency $currency): self
    {
        $allowed = match ($currency->digits) {
            0 => 'no decimals',
            default => "{$currency->digits} decimals",
        };

        return new self("“{$text}” has more decimals than {$currency->code}, which has {$allowed}.");
    }

    public static function tooLarge(): self
    {
        return new self('The amount is larger than 999,999,999,999; enter a smaller one.');
    }
}
