<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Time\Clock;
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
    private const CONNECT_SECONDS = 3;

    private const ANSWER_SECONDS = 5;

    private const TOLERATED_SECONDS = 300;

    public function __construct(
        private Factory $http,
        private string $api,
        private string $host,
        private string $origin,
        private string $key,
        private string $webhookSecret,
        private Clock $clock,
    ) {}

    public function open(Payment $payment): OpenedPayment
    {
        $base = $payment->shop->base();

        return $this->ask(function (PendingRequest $request) use ($payment, $base): OpenedPayment {
            $answer = self::object($request->withHeaders(['Idempotency-Key' => "open-{$payment->reference}"])->post('/payments', [
                'reference' => $payment->reference,
                'amount' => $payment->amount()->decimal(),
                'currency' => $payment->currency,
                'payee' => $payment->payee,
                'digest' => $payment->cart_digest,
                'description' => $payment->shop->name,
                'return_to' => "{$base}/return/{$payment->checkout->reference}",
                'cancel_to' => "{$base}/cancelled/{$payment->checkout->reference}",
                'events_to' => "{$base}/events/payments",
            ])->throw());
            $said = self::statement($answer);
            $page = self::text($answer, 'page');
            if ($said->reference !== $payment->reference || ! str_starts_with($page, "{$this->origin}/")) {
                throw ProviderUnreachable::saidSomethingElse('open', $said);
            }

            return new OpenedPayment(self::text($answer, 'id'), $page);
        });
    }

    public function find(string $providerId): ProviderStatement
    {
        return $this->ask(static function (PendingRequest $request) use ($providerId): ProviderStatement {
            $answer = $request->get('/payments/'.rawurlencode($providerId));
            if ($answer->status() === 404) {
                throw PaymentGone::unknown($providerId);
            }

            return self::statement(self::object($answer->throw()));
        });
    }

    public function capture(Payment $payment): void
    {
        $this->command($payment, 'capture', [ProviderState::Captured]);
    }

    public function void(Payment $payment): void
    {
        $this->command($payment, 'void', [ProviderState::Voided, ProviderState::Cancelled, ProviderState::Declined]);
    }

    public function readEvent(string $body, array $headers): ProviderStatement
    {
        $reference = self::claimedReference($body);
        $sentAt = $this->verifiedTime($body, $headers, $reference);
        try {
            $event = (array) json_decode($body, true, flags: JSON_THROW_ON_ERROR);
            $said = self::statement((array) ($event['data'] ?? []));
        } catch (Throwable $failure) {
            throw UnverifiedEvent::content($failure);
        }
        $ahead = $sentAt - (int) $this->clock->now()->getTimestamp();

        return abs($ahead) > self::TOLERATED_SECONDS ? throw UnverifiedEvent::clock($reference, $ahead) : $said;
    }

    public function origin(): string
    {
        return $this->origin;
    }

    public function notice(): string
    {
        return 'Payments are simulated here: no money moves, and nothing is sent.';
    }

    /**
     * The signature is held against the body here, and the time against the shops' clock, so that a wrong clock can be
     * told from a forger.
     *
     * @param  array<string, string>  $headers  by lower-case name
     * @return int when this attempt was sent, in seconds since 1970
     *
     * @throws UnverifiedEvent
     */
    private function verifiedTime(string $body, array $headers, string $reference): int
    {
        $sentAt = $headers['webhook-timestamp'] ?? '';
        $isSigned = preg_match('/\A[1-9]\d{0,11}\z/', $sentAt) === 1;
        $ours = $isSigned ? (new Webhook($this->webhookSecret))->sign($headers['webhook-id'] ?? '', (int) $sentAt, $body) : '';
        foreach (explode(' ', $headers['webhook-signature'] ?? '') as $theirs) {
            if ($isSigned && is_string($ours) && hash_equals($ours, $theirs)) {
                return (int) $sentAt;
            }
        }
        throw UnverifiedEvent::signature($reference);
    }

    /** @param  list<ProviderState>  $wanted  the states that say it is done */
    private function command(Payment $payment, string $verb, array $wanted): void
    {
        $said = $this->ask(static function (PendingRequest $request) use ($payment, $verb): ?ProviderStatement {
            $answer = $request->withHeaders(['Idempotency-Key' => "{$verb}-{$payment->reference}"])->post('/payments/'.rawurlencode((string) $payment->provider_id)."/{$verb}");

            return $answer->status() === 409 ? null : self::statement(self::object($answer->throw()));
        });
        if ($said === null || ($said->state === ProviderState::Captured && ! in_array($said->state, $wanted, true))) {
            throw ProviderRefused::to($verb);
        }
        // An answer is believed when it says what was asked, of this payment, in this amount; else it is asked again.
        if (! in_array($said->state, $wanted, true) || $said->reference !== $payment->reference || $said->terms->differencesFrom($payment->terms()) !== []) {
            throw ProviderUnreachable::saidSomethingElse($verb, $said);
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
                ->connectTimeout(self::CONNECT_SECONDS)
                ->timeout(self::ANSWER_SECONDS));
        } catch (PaymentGone|ProviderUnreachable $known) {
            throw $known;
        } catch (Throwable $failure) {
            throw ProviderUnreachable::because($failure);
        }
    }

    /** @return array<mixed> */
    private static function object(Response $answer): array
    {
        $data = $answer->json();

        return is_array($data) ? $data : throw new \UnexpectedValueException('The answer is not a JSON object.');
    }

    /** @param  array<mixed>  $data */
    private static function statement(array $data): ProviderStatement
    {
        return new ProviderStatement(
            self::text($data, 'reference'),
            ProviderState::tryFrom(self::text($data, 'state')) ?? ProviderState::Unknown,
            new PaymentTerms(
                self::text($data, 'id'),
                Money::fromEntry(self::text($data, 'amount'), Currency::of(self::text($data, 'currency'))),
                self::text($data, 'payee'),
                self::text($data, 'digest'),
            ),
            mb_strimwidth(self::text($data, 'state'), 0, 40, '…', 'UTF-8'),
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
