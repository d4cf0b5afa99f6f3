<?php

declare(strict_types=1);

namespace App\Payments;

use PaperKite\Payment\ProviderStatement;
use RuntimeException;
use Throwable;

final class ProviderUnreachable extends RuntimeException
{
    public static function because(Throwable $cause): self
    {
        return new self('The payment provider did not answer as agreed.', previous: $cause);
    }

    public static function saidSomethingElse(string $asked, ProviderStatement $said): self
    {
        return new self("The payment provider was asked to {$asked}, and answered that the payment is “{$said->stateText}”, or spoke of another one.");
    }

    public static function notConfigured(): self
    {
        return new self('No payment provider is connected.');
    }
}
