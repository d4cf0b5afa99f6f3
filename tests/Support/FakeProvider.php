<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Payment;
use App\Payments\Captures;
use App\Payments\GivesBack;
use App\Payments\OpenedPayment;
use App\Payments\PaymentGone;
use App\Payments\PaymentProvider;
use App\Payments\ProviderRefused;
use App\Payments\ProviderUnreachable;
use App\Payments\UnverifiedEvent;
use PaperKite\Money\Money;
use PaperKite\Payment\PaymentMethod;
use PaperKite\Payment\PaymentOrder;
use PaperKite\Payment\PaymentTerms;
use PaperKite\Payment\PaymentWays;
use PaperKite\Payment\ProviderState;
use PaperKite\Payment\ProviderStatement;
use PaperKite\Payment\RefundState;
use RuntimeException;

/** A provider in this process that remembers what it was asked. */
final class FakeProvider implements Captures, GivesBack, PaymentProvider
{
    public bool $isDown = false;

    public bool $refusesToCapture = false;

    public bool $knowsNothing = false;

    /** Although it was to be given back. */
    public bool $wasCaptured = false;

    public RefundState $refunds = RefundState::Done;

    public ProviderState $state = ProviderState::Open;

    /** @var list<string> */
    public array $asked = [];

    public function open(PaymentOrder $order): OpenedPayment
    {
        $this->note("open {$order->reference}");

        return new OpenedPayment("pm-{$order->reference}", "http://pay.localhost/pay/pm-{$order->reference}");
    }

    public function find(string $providerId): ProviderStatement
    {
        $this->note("find {$providerId}");
        if ($this->knowsNothing) {
            throw PaymentGone::unknown($providerId);
        }

        return self::statement(Payment::query()->where('provider_id', $providerId)->firstOrFail(), $this->state);
    }

    public function capture(string $providerId, Money $amount, string $key): ProviderStatement
    {
        if ($this->refusesToCapture) {
            throw ProviderRefused::to('capture');
        }

        return $this->done($providerId, 'capture', ProviderState::Captured);
    }

    public function void(string $providerId, string $key): ProviderStatement
    {
        return $this->done($providerId, 'void', $this->wasCaptured ? ProviderState::Captured : ProviderState::Voided);
    }

    public function refund(string $providerId, Money $amount, string $key): RefundState
    {
        $this->note("refund {$amount->decimal()} {$key}");

        return $this->refunds;
    }

    public function readEvent(string $body, array $headers): ProviderStatement
    {
        throw UnverifiedEvent::content(new RuntimeException('The fake provider sends no events.'));
    }

    public function origin(): string
    {
        return 'http://pay.localhost';
    }

    public function ways(): PaymentWays
    {
        return new PaymentWays('Fake Till', [PaymentMethod::Card], takesGuests: false);
    }

    public function notice(): null
    {
        return null;
    }

    /** What a truthful provider says of a payment. */
    public static function statement(Payment $payment, ProviderState $state, ?PaymentTerms $terms = null): ProviderStatement
    {
        $nothing = Money::zero($payment->amount()->currency);

        return new ProviderStatement($payment->reference, $state, $terms ?? $payment->terms(), $state === ProviderState::Captured ? $payment->amount() : $nothing, $nothing, $state->value);
    }

    private function done(string $providerId, string $verb, ProviderState $state): ProviderStatement
    {
        $payment = Payment::query()->where('provider_id', $providerId)->firstOrFail();
        $this->note("{$verb} {$payment->reference}");

        return self::statement($payment, $state);
    }

    private function note(string $question): void
    {
        if ($this->isDown) {
            throw ProviderUnreachable::because(new RuntimeException('It is down.'));
        }
        $this->asked[] = $question;
    }
}
