<?php

declare(strict_types=1);

namespace App\Payments;

use PaperKite\Payment\PaymentOrder;
use PaperKite\Payment\PaymentWays;
use PaperKite\Payment\ProviderStatement;
use PaperKite\Words\Phrase;

/**
 * The shop's one way to a payment provider; a real one is another class behind this. What not every provider can do is an
 * interface of its own: `Captures`, `GivesBack`.
 */
interface PaymentProvider
{
    /**
     * Opens a payment that the shopper authorises on the provider's own page. Asked again for the same payment, it
     * answers with the same one.
     *
     * @throws ProviderUnreachable
     */
    public function open(PaymentOrder $order): OpenedPayment;

    /**
     * What the provider says of a payment now.
     *
     * @throws ProviderUnreachable
     * @throws PaymentGone where it knows no such payment
     */
    public function find(string $providerId): ProviderStatement;

    /**
     * Reads an event that was delivered to us.
     *
     * @param  array<string, string>  $headers  by lower-case name
     *
     * @throws UnverifiedEvent
     */
    public function readEvent(string $body, array $headers): ProviderStatement;

    /** The origin of the provider's pages, to which our checkout may lead. */
    public function origin(): string;

    /** @return PaymentWays|null how shoppers can pay there; `null`: in no way */
    public function ways(): ?PaymentWays;

    /** A line for every page on which money is paid, or `null` where the money is real. */
    public function notice(): ?Phrase;
}
