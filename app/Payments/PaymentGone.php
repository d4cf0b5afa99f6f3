<?php

declare(strict_types=1);

namespace App\Payments;

use RuntimeException;

/** The provider knows nothing of the payment, or no longer. */
final class PaymentGone extends RuntimeException
{
    public static function unknown(string $providerId): self
    {
        return new self("The payment provider knows no payment “{$providerId}”.");
    }
}
