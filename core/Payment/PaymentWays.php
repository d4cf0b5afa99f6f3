<?php

declare(strict_types=1);

namespace PaperKite\Payment;

/** How shoppers can pay at a provider. */
final readonly class PaymentWays
{
    /** @param  non-empty-list<PaymentMethod>  $methods */
    public function __construct(
        /** The provider's name. */
        public string $provider,
        public array $methods,
        /** Whether a shopper can pay there without an account. */
        public bool $takesGuests,
    ) {}
}
