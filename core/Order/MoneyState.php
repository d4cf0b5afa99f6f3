<?php

declare(strict_types=1);

namespace PaperKite\Order;

/** How far the money of an order has come. The goods have a state of their own. */
enum MoneyState: string
{
    /** Held by the provider, not taken yet. */
    case Authorised = 'authorised';
    case Paid = 'paid';
    case PartlyRefunded = 'partly_refunded';
    case Refunded = 'refunded';

    /** Cancelled before it was taken: what was held is free again. */
    case Voided = 'voided';

    /** @return list<self> what it can become next */
    public function next(): array
    {
        return match ($this) {
            self::Authorised => [self::Paid, self::Voided],
            self::Paid => [self::PartlyRefunded, self::Refunded],
            self::PartlyRefunded => [self::PartlyRefunded, self::Refunded],
            self::Refunded, self::Voided => [],
        };
    }

    public function canBecome(self $next): bool
    {
        return in_array($next, $this->next(), true);
    }

    /** Whether there is money that can be given back. */
    public function isRefundable(): bool
    {
        return $this->canBecome(self::Refunded);
    }

    public function label(): string
    {
        return match ($this) {
            self::Authorised => 'Held, not taken yet',
            self::Paid => 'Paid',
            self::PartlyRefunded => 'Partly refunded',
            self::Refunded => 'Refunded',
            self::Voided => 'Not taken',
        };
    }
}
