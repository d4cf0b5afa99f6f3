<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidSlug extends InvalidArgumentException implements Refusal
{
    public static function form(string $text): self
    {
        return new self('“'.mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 50, '…', 'UTF-8').'” can’t stand in an address; use 2 to 40 small letters, digits and single hyphens.');
    }

    public static function taken(string $text): self
    {
        return new self("“{$text}” is the address of another page of the shop; choose another.");
    }
}
