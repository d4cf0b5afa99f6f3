<?php

declare(strict_types=1);

namespace PaperKite\Money;

use LogicException;

/** Amounts of two currencies were added or compared: a mistake in the calling code, never in what a person typed. */
final class CurrencyMismatch extends LogicException
{
    public static function between(Currency $one, Currency $other): self
    {
        return new self("An amount in {$one->code} met an amount in {$other->code}.");
    }
}
