<?php

declare(strict_types=1);

namespace App\Payments;

use PaperKite\Payment\PaymentOrder;
use PaperKite\Payment\ProviderStatement;
use PaperKite\Words\Phrase;
use RuntimeException;

/** Stands where an installation has no payment provider: no offer goes live, and nothing can be paid. */
final readonly class NoProvider implements PaymentProvider
{
    public function open(PaymentOrder $order): OpenedPayment
    {
        throw ProviderUnreachable::notConfigured();
    }

    public function find(string $providerId): ProviderStatement
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

    public function ways(): null
    {
        return null;
    }

    public function notice(): Phrase
    {
        return Phrase::NoPaymentsYet;
    }
}
