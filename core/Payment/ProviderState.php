<?php

declare(strict_types=1);

namespace PaperKite\Payment;

enum ProviderState: string
{
    case Open = 'open';
    case Authorised = 'authorised';
    case Captured = 'captured';
    case Declined = 'declined';
    case Cancelled = 'cancelled';
    case Voided = 'voided';

    /** The provider says something that this release does not know. */
    case Unknown = 'unknown';

    /** Whether the money is held or taken. */
    public function isPaid(): bool
    {
        return $this === self::Authorised || $this === self::Captured;
    }

    /** Whether nothing is held, nor will be: the bank or the shopper said no, or what was held has been given back. */
    public function isRefusal(): bool
    {
        return $this === self::Declined || $this === self::Cancelled || $this === self::Voided;
    }
}
