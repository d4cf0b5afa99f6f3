<?php

declare(strict_types=1);

namespace App\Payments;

use PaperKite\Money\Money;
use PaperKite\Payment\ProviderStatement;

/** A provider that holds money first and takes it later. Each act has a key; asked again with it, nothing more is done. */
interface Captures
{
    /**
     * Takes money that is held.
     *
     * @return ProviderStatement what it says of the payment then, which the caller holds against what was asked
     *
     * @throws ProviderUnreachable
     * @throws ProviderRefused when it answered that it will not
     */
    public function capture(string $providerId, Money $amount, string $key): ProviderStatement;

    /**
     * Gives back the money that is held, or closes a payment that nobody authorised.
     *
     * @return ProviderStatement as above
     *
     * @throws ProviderUnreachable
     * @throws ProviderRefused when it answered that it will not
     */
    public function void(string $providerId, string $key): ProviderStatement;
}
