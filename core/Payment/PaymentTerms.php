<?php

declare(strict_types=1);

namespace PaperKite\Payment;

use PaperKite\Money\Money;

/** What a payment was opened for, or what an event of the provider says it was for. Both must be the same. */
final readonly class PaymentTerms
{
    public function __construct(
        /** The provider's id of the payment. */
        public string $paymentId,
        public Money $amount,
        /** The account that is paid. */
        public string $payee,
        /** The digest of the bill that the shopper saw. */
        public string $cartDigest,
    ) {}

    /** @return list<string> a sentence for each fact in which the event differs from what was opened */
    public function differencesFrom(self $opened): array
    {
        return array_values(array_filter([
            $this->paymentId === $opened->paymentId ? null : "It names payment {$this->paymentId}, but payment {$opened->paymentId} was opened.",
            $this->amount->equals($opened->amount) ? null : "It says {$this->amount->shown()}, but {$opened->amount->shown()} was to be paid.",
            $this->payee === $opened->payee ? null : "It pays account {$this->payee}, not the shop’s own.",
            $this->cartDigest === $opened->cartDigest ? null : 'It was made for another cart than the one that was shown.',
        ], static fn (?string $difference): bool => $difference !== null));
    }
}
