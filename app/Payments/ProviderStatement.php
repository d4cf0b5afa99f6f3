<?php

declare(strict_types=1);

namespace App\Payments;

use PaperKite\Checkout\PaymentTerms;

/** What the provider says of a payment, asked or unasked. */
final readonly class ProviderStatement
{
    public function __construct(
        /** Our own name for the payment. */
        public string $reference,
        public ProviderState $state,
        public PaymentTerms $terms,
        /** The state in the provider's own word. */
        public string $stateText,
    ) {}
}
