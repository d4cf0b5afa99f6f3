<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;

/** The shop's one way to a payment provider; a real one is another class behind this. */
interface PaymentProvider
{
    /**
     * Opens a payment that the shopper authorises on the provider's own page. Asked again for the same payment, it
     * answers with the same one.
     *
     * @throws ProviderUnreachable
     */
    public function open(Payment $payment): OpenedPayment;

    /**
     * What the provider says of a payment now.
     *
     * @throws ProviderUnreachable
     * @throws PaymentGone where it knows no such payment
     */
    public function find(string $providerId): ProviderStatement;

    /**
     * Takes the money that is held. Asked again, it takes nothing more. Only an answer that says so, of this payment and
     * this amount, counts as taken.
     *
     * @throws ProviderUnreachable
     * @throws ProviderRefused when it answered that it will not
     */
    public function capture(Payment $payment): void;

    /**
     * Gives back the money that is held, or closes a payment that nobody authorised. Asked again, it does nothing more.
     *
     * @throws ProviderUnreachable
     * @throws ProviderRefused when it answered that the money is taken
     */
    public function void(Payment $payment): void;

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

    /** A line for every page on which money is paid, or `null` where the money is real. */
    public function notice(): ?string;
}
