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
    public static function signature(string $claimedReference): self
    {
        return new self('A message about it was not signed by the provider, and was not believed.', $claimedReference);
    }

    /** @param  int  $seconds by which its time differs from ours; negative: it is behind */
    public static function clock(string $reference, int $seconds): self
    {
        $minutes = intdiv(abs($seconds), 60);
        $how = $seconds < 0 ? 'old' : 'ahead of this server’s clock';

        return new self("A message about it was signed by the provider, but is {$minutes} minutes {$how}, and was not believed. If that goes on, one of the two clocks is wrong.", $reference);
    }

    public static function content(Throwable $cause): self
    {
        return new self('It does not hold what an event of the provider holds.', '', $cause);
    }
}
