<?php

declare(strict_types=1);

namespace App\Payments;

use PaperKite\Money\Money;
use PaperKite\Payment\RefundState;

/** A provider that gives back money that it has taken, in one step or several. */
interface GivesBack
{
    /**
     * @param  string  $key  of this act: asked again with it, the provider gives nothing more and says how far it is
     *
     * @throws ProviderUnreachable
     */
    public function refund(string $providerId, Money $amount, string $key): RefundState;
}
