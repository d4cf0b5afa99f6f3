<?php

declare(strict_types=1);

namespace App\Payments;

use RuntimeException;
use Throwable;

final class UnverifiedEvent extends RuntimeException
{
    private function __construct(string $message, public readonly string $claimedReference, ?Throwable $previous = null)
    {
        parent::__construct($message, previous: $previous);
    }

    /** @param  string  $claimedReference what the unproven body says it is about */
    public static function signature(string $claimedReference, Throwable $cause): self
    {
        return new self('A message about it was not signed by the provider, and was not believed.', $claimedReference, $cause);
    }

    public static function content(Throwable $cause): self
    {
        return new self('It does not hold what an event of the provider holds.', '', $cause);
    }
}
