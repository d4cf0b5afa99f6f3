<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\ToldRefusal;
use PaperKite\Words\Catalogue\EnglishRefusals;

final class InvalidQuantity extends ToldRefusal
{
    public const SENTENCES = EnglishRefusals::QUANTITY;

    public static function outOfRange(string $entered, int $max, int $min = 1): self
    {
        $limits = ['min' => (string) $min, 'max' => (string) $max];

        return $entered === ''
            ? new self('refused.no_quantity', $limits)
            : new self('refused.quantity', ['typed' => mb_strimwidth(mb_scrub($entered, 'UTF-8'), 0, 40, '…', 'UTF-8')] + $limits);
    }
}
