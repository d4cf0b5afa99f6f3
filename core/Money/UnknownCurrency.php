<?php

declare(strict_types=1);

namespace PaperKite\Money;

use DomainException;
use PaperKite\Refusal;

final class UnknownCurrency extends DomainException implements Refusal
{
    public static function named(string $code): self
    {
        return new self("“{$code}” is not a currency this shop can use; give an ISO 4217 code such as EUR.");
    }
}
