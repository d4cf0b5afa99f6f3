<?php

declare(strict_types=1);

namespace PaperKite\Payment;

use PaperKite\Money\Money;

/** What the provider says of a payment, asked or unasked. */
final readonly class ProviderStatement
{
    public function __construct(
        /** Our own name for the payment. */
        public string $reference,
        public ProviderState $state,
        public PaymentTerms $terms,
        /** What was taken, whatever was given back since. */
        public Money $captured,
        public Money $refunded,
        /** The state in the provider's own word. */
        public string $stateText,
    ) {}

    /** Whether it speaks of this payment, as it was opened. */
    public function isAbout(string $reference, PaymentTerms $opened): bool
    {
        return $this->reference === $reference && $this->terms->differencesFrom($opened) === [];
    }
}
