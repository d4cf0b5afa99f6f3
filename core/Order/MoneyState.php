<?php

declare(strict_types=1);

namespace PaperKite\Order;

use PaperKite\Money\Money;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;

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

    /** As the shopper reads it. */
    public function said(Money $givenBack): Said
    {
        return match ($this) {
            self::Authorised => Said::of(Phrase::PaymentAuthorised),
            self::Paid => Said::of(Phrase::PaymentArrived),
            self::PartlyRefunded => Said::of(Phrase::PartGivenBack, amount: $givenBack),
            self::Refunded => Said::of(Phrase::AllGivenBack),
            self::Voided => Said::of(Phrase::NothingTaken),
        };
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
