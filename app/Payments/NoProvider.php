<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use RuntimeException;

/** Stands where an installation has no payment provider: no offer goes live, and nothing can be paid. */
final readonly class NoProvider implements PaymentProvider
{
    public function open(Payment $payment): OpenedPayment
    {
        throw ProviderUnreachable::notConfigured();
    }

    public function find(string $providerId): ProviderStatement
    {
        throw ProviderUnreachable::notConfigured();
    }

    public function capture(Payment $payment): void
    {
        throw ProviderUnreachable::notConfigured();
    }

    public function void(Payment $payment): void
    {
        throw ProviderUnreachable::notConfigured();
    }

    public function readEvent(string $body, array $headers): ProviderStatement
    {
        throw UnverifiedEvent::content(new RuntimeException('No payment provider is connected.'));
    }

    public function origin(): string
    {
        return '';
    }

    public function notice(): string
    {
        return 'This shop can’t take payments yet.';
    }
}
