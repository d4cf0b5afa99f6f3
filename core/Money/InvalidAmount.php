<?php

declare(strict_types=1);

namespace PaperKite\Money;

use PaperKite\ToldRefusal;

final class InvalidAmount extends ToldRefusal
{
    public const SENTENCES = [
        'refused.no_amount' => 'The amount is missing.',
        'refused.not_amount' => '“{text}” is not an amount; write digits with a point, such as 9.80.',
        'refused.negative' => '“{text}” is negative; an amount is 0 or more.',
        'refused.decimals' => '“{text}” has more decimals than {currency}, which has {count} decimals.',
        'refused.no_decimals' => '“{text}” has more decimals than {currency}, which has no decimals.',
        'refused.large_amount' => 'The amount is larger than 999,999,999,999; enter a smaller one.',
    ];

    public static function missing(): self
    {
        return new self('refused.no_amount');
    }

    public static function notANumber(string $text): self
    {
        return new self('refused.not_amount', ['text' => mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 40, '…', 'UTF-8')]);
    }

    public static function negative(string $text): self
    {
        return new self('refused.negative', ['text' => $text]);
    }

    public static function tooManyDecimals(string $text, Currency $currency): self
    {
        return $currency->digits === 0
            ? new self('refused.no_decimals', ['text' => $text, 'currency' => $currency->code])
            : new self('refused.decimals', ['text' => $text, 'currency' => $currency->code, 'count' => (string) $currency->digits]);
    }

    public static function tooLarge(): self
    {
        return new self('refused.large_amount');
    }
}
