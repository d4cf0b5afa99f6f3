<?php

declare(strict_types=1);

namespace PaperKite\Money;

use DomainException;
use PaperKite\Refusal;

/** A sum left the range in which amounts are exact (64 bits of minor units). */
final class AmountTooLarge extends DomainException implements Refusal
{
    public static function toReckon(): self
    {
        return new self('The amounts are too large to be added up exactly; lower a price or a quantity.');
    }
}
