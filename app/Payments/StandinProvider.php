<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use PaperKite\Checkout\PaymentTerms;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use StandardWebhooks\Webhook;
use Throwable;

/**
 * The simulated provider that ships with the project; see standins/pay/README.md for its interface.
 *
 * @see https://www.standardwebhooks.com how its events are signed
 */
final readonly class StandinProvider implements PaymentProvider
{
    public function __construct(
        private Factory $http,
        private string $api,
        private string $host,
        private string $origin,
        private string $key,
        private string $webhookSecret,
    ) {}

    public function open(Payment $payment): OpenedPayment
    {
        $base = $payment->shop->base();
        $answer = $this->ask(fn (PendingRequest $request): array => (array) $request
            ->withHeaders(['Idempotency-Key' => "open-{$payment->reference}"])
            ->post('/payments', [
                'reference' => $payment->reference,
                'amount' => $payment->amount()->decimal(),
                'currency' => $payment->currency,
                'payee' => $payment->payee,
                'digest' => $payment->cart_digest,
                'description' => $payment->shop->name,
                'return_to' => "{$base}/return/{$payment->reference}",
                'cancel_to' => "{$base}/cancelled/{$payment->reference}",
                'events_to' => "{$base}/events/payments",
            ])->throw()->json());

        return new OpenedPayment(self::text($answer, 'id'), self::text($answer, 'page'));
    }

    public function find(string $providerId): ProviderStatement
    {
        return $this->ask(fn (PendingRequest $request): ProviderStatement => self::statement(
            (array) $request->get('/payments/'.rawurlencode($providerId))->throw()->json(),
        ));
    }

    public function capture(Payment $payment): void
    {
        $this->command($payment, 'capture');
    }

    public function void(Payment $payment): void
    {
        $this->command($payment, 'void');
    }

    public function readEvent(string $body, array $headers): ProviderStatement
    {
        try {
            (new Webhook($this->webhookSecret))->verify($body, $headers);
        } catch (Throwable $failure) {
            throw UnverifiedEvent::signature(self::claimedReference($body), $failure);
        }
        try {
            $event = (array) json_decode($body, true, flags: JSON_THROW_ON_ERROR);

            return self::statement((array) ($event['data'] ?? []));
        } catch (Throwable $failure) {
            throw UnverifiedEvent::content($failure);
        }
    }

    public function origin(): string
    {
        return $this->origin;
    }

    public function notice(): string
    {
        return 'Payments are simulated here: no money moves, and nothing is sent.';
    }

    private function command(Payment $payment, string $verb): void
    {
        $answer = $this->ask(fn (PendingRequest $request): Response => $request
            ->withHeaders(['Idempotency-Key' => "{$verb}-{$payment->reference}"])
            ->post('/payments/'.rawurlencode((string) $payment->provider_id)."/{$verb}")
            ->throwIf(fn (Response $response): bool => $response->status() !== 409 && ! $response->successful()));
        if ($answer->status() === 409) {
            throw ProviderRefused::to($verb);
        }
    }

    /**
     * @template T
     *
     * @param  callable(PendingRequest): T  $call
     * @return T
     */
    private function ask(callable $call): mixed
    {
        try {
            // Between servers the address is loopback's, since *.localhost need not resolve there.
            return $call($this->http->baseUrl($this->api)
                ->withHeaders(['Host' => $this->host])
                ->withToken($this->key)
                ->acceptJson()
                ->connectTimeout(3)
                ->timeout(10));
        } catch (Throwable $failure) {
            throw ProviderUnreachable::because($failure);
        }
    }

    /** @param  array<mixed>  $data */
    private static function statement(array $data): ProviderStatement
    {
        return new ProviderStatement(
            self::text($data, 'reference'),
            ProviderState::from(self::text($data, 'state')),
            new PaymentTerms(
                self::text($data, 'id'),
                Money::fromEntry(self::text($data, 'amount'), Currency::of(self::text($data, 'currency'))),
                self::text($data, 'payee'),
                self::text($data, 'digest'),
            ),
        );
    }

    /** @param  array<mixed>  $data */
    private static function text(array $data, string $key): string
    {
        $value = $data[$key] ?? null;
        if (! is_string($value)) {
            throw new \UnexpectedValueException("“{$key}” is not a text.");
        }

        return $value;
    }

    private static function claimedReference(string $body): string
    {
        $event = json_decode($body, true);
        $data = is_array($event) ? ($event['data'] ?? null) : null;
        $reference = is_array($data) ? ($data['reference'] ?? null) : null;

        return is_string($reference) ? $reference : '';
    }
}
