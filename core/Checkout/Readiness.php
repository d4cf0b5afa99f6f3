<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Quote\ShopRules;

/** Whether a shop can be paid, can send its goods, and says what it must. */
final readonly class Readiness
{
    public function __construct(
        private bool $hasProvider,
        private bool $hasPayee,
        private ShopRules $rules,
        private CheckoutRules $checkout,
        /** Goods of any kind, drafts among them. */
        private bool $sells,
        /** Whether some of them are sent. */
        private bool $ships,
    ) {}

    /** @return list<Missing> */
    public function missing(): array
    {
        return array_values(array_filter(Missing::cases(), $this->lacks(...)));
    }

    private function lacks(Missing $what): bool
    {
        return match ($what) {
            Missing::Provider => ! $this->hasProvider,
            Missing::Payee => ! $this->hasPayee,
            Missing::Products => ! $this->sells,
            Missing::Zones => $this->ships && $this->rules->zones === [],
            Missing::TaxRates => $this->sells && $this->rules->tax->rates === [],
            Missing::Terms => $this->checkout->terms === '',
            Missing::Policy => $this->checkout->policy === '',
        };
    }
}
