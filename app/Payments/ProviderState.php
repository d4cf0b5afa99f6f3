<?php

declare(strict_types=1);

namespace App\Payments;

enum ProviderState: string
{
    case Open = 'open';
    case Authorised = 'authorised';
    case Captured = 'captured';
    case Declined = 'declined';
    case Cancelled = 'cancelled';
    case Voided = 'voided';

    /** Whether the money is held or taken. */
    public function isPaid(): bool
    {
        return $this === self::Authorised || $this === self::Captured;
    }

    public function isRefusal(): bool
    {
        return $this === self::Declined || $this === self::Cancelled;
    }
}
