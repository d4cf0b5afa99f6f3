<?php

declare(strict_types=1);

namespace App\Payments;

use RuntimeException;

/** The provider answered, and the answer was no: asking again would not help. */
final class ProviderRefused extends RuntimeException
{
    public static function to(string $verb): self
    {
        return new self("The provider answered that it will not {$verb} this payment; ask it why before anything is sent.");
    }
}
