<?php

declare(strict_types=1);

namespace PaperKite\Payment;

use PaperKite\Money\Money;

/** What a provider is asked to open: how much, to whom, for which bill, and where the shopper and the news go afterwards. */
final readonly class PaymentOrder
{
    public function __construct(
        /** Our own name for the payment; opening the same one again is the same payment. */
        public string $reference,
        public Money $amount,
        /** The account that is paid. */
        public string $payee,
        /** The digest of the bill that the shopper saw. */
        public string $digest,
        /** What the shopper reads on the provider's page: whom they pay. */
        public string $description,
        public string $returnTo,
        public string $cancelTo,
        public string $eventsTo,
    ) {}
}
