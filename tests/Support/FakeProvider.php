<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Payment;
use App\Payments\OpenedPayment;
use App\Payments\PaymentGone;
use App\Payments\PaymentProvider;
use App\Payments\ProviderRefused;
use App\Payments\ProviderState;
use App\Payments\ProviderStatement;
use App\Payments\ProviderUnreachable;
use App\Payments\UnverifiedEvent;
use PaperKite\Checkout\PaymentTerms;
use RuntimeException;

/** A provider in this process that remembers what it was asked. */
final class FakeProvider implements PaymentProvider
{
    public bool $isDown = false;

    public bool $refusesToCapture = false;

    public bool $knowsNothing = false;

    public ProviderState $state = ProviderState::Open;

    /** @var list<string> */
    public array $asked = [];

    public function open(Payment $payment): OpenedPayment
    {
        $this->note("open {$payment->reference}");

        return new OpenedPayment("pm-{$payment->reference}", "http://pay.localhost/pay/pm-{$payment->reference}");
    }

    public function find(string $providerId): ProviderStatement
    {
        $this->note("find {$providerId}");
        if ($this->knowsNothing) {
            throw PaymentGone::unknown($providerId);
        }

        return self::statement(Payment::query()->where('provider_id', $providerId)->firstOrFail(), $this->state);
    }

    public function capture(Payment $payment): void
    {
        if ($this->refusesToCapture) {
            throw ProviderRefused::to('capture');
        }
        $this->note("capture {$payment->reference}");
    }

    public function void(Payment $payment): void
    {
        $this->note("void {$payment->reference}");
    }

    public function readEvent(string $body, array $headers): ProviderStatement
    {
        throw UnverifiedEvent::content(new RuntimeException('The fake provider sends no events.'));
    }

    public function origin(): string
    {
        return 'http://pay.localhost';
    }

    public function notice(): ?string
    {
        return null;
    }

    /** What a truthful provider says of a payment. */
    public static function statement(Payment $payment, ProviderState $state, ?PaymentTerms $terms = null): ProviderStatement
    {
        return new ProviderStatement($payment->reference, $state, $terms ?? $payment->terms(), $state->value);
    }

    private function note(string $question): void
    {
        if ($this->isDown) {
            throw ProviderUnreachable::because(new RuntimeException('It is down.'));
        }
        $this->asked[] = $question;
    }
}
