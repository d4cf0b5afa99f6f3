<?php

declare(strict_types=1);

namespace App\Payments;

use App\Time\Clock;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Payment\PaymentMethod;
use PaperKite\Payment\PaymentOrder;
use PaperKite\Payment\PaymentTerms;
use PaperKite\Payment\PaymentWays;
use PaperKite\Payment\ProviderState;
use PaperKite\Payment\ProviderStatement;
use PaperKite\Payment\RefundState;
use PaperKite\Words\Phrase;
use StandardWebhooks\Webhook;
use Throwable;

/**
 * The simulated provider that ships with the project; see standins/pay/README.md for its interface.
 *
 * @see https://www.standardwebhooks.com how its events are signed
 */
final readonly class StandinProvider implements Captures, GivesBack, PaymentProvider
{
    private const NAME = 'Harbour Till';

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

    public function open(PaymentOrder $order): OpenedPayment
    {
        return $this->ask(function (PendingRequest $request) use ($order): OpenedPayment {
            $answer = self::object($request->withHeaders(['Idempotency-Key' => "open-{$order->reference}"])->post('/payments', [
                'reference' => $order->reference,
                'amount' => $order->amount->decimal(),
                'currency' => $order->amount->currency->code,
                'payee' => $order->payee,
                'digest' => $order->digest,
                'description' => $order->description,
                'return_to' => $order->returnTo,
                'cancel_to' => $order->cancelTo,
                'events_to' => $order->eventsTo,
            ])->throw());
            $said = self::statement($answer);
            $page = self::text($answer, 'page');
            if ($said->reference !== $order->reference || ! str_starts_with($page, "{$this->origin}/")) {
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

    public function capture(string $providerId, Money $amount, string $key): ProviderStatement
    {
        return self::statement($this->command($providerId, 'capture', $key, ['amount' => $amount->decimal()]) ?? throw ProviderRefused::to('capture'));
    }

    public function void(string $providerId, string $key): ProviderStatement
    {
        return self::statement($this->command($providerId, 'void', $key) ?? throw ProviderRefused::to('void'));
    }

    public function refund(string $providerId, Money $amount, string $key): RefundState
    {
        $answer = $this->command($providerId, 'refunds', $key, ['amount' => $amount->decimal()]);
        $refund = is_array($answer['refund'] ?? null) ? $answer['refund'] : [];
        $isAsked = ($refund['key'] ?? null) === $key && ($refund['amount'] ?? null) === $amount->decimal();

        return match (true) {
            $answer === null => RefundState::Declined,
            $isAsked => RefundState::tryFrom(self::text($refund, 'state')) ?? throw ProviderUnreachable::saidSomethingElse('refund', self::statement($answer)),
            default => throw ProviderUnreachable::saidSomethingElse('refund', self::statement($answer)),
        };
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

    public function ways(): PaymentWays
    {
        return new PaymentWays(self::NAME, [PaymentMethod::Card, PaymentMethod::Wallet], takesGuests: true);
    }

    public function notice(): Phrase
    {
        return Phrase::PaymentsSimulated;
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

    /**
     * @param  array<string, string>  $facts
     * @return array<mixed>|null what it answers; `null` where it answers that it will not
     *
     * @throws ProviderUnreachable
     */
    private function command(string $providerId, string $verb, string $key, array $facts = []): ?array
    {
        return $this->ask(static function (PendingRequest $request) use ($providerId, $verb, $key, $facts): ?array {
            $answer = $request->withHeaders(['Idempotency-Key' => $key])->post('/payments/'.rawurlencode($providerId)."/{$verb}", $facts);
            if ($answer->status() === 409) {
                return null;
            }
            $data = self::object($answer->throw());
            self::statement($data);

            return $data;
        });
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
        $currency = Currency::of(self::text($data, 'currency'));

        return new ProviderStatement(
            self::text($data, 'reference'),
            ProviderState::tryFrom(self::text($data, 'state')) ?? ProviderState::Unknown,
            new PaymentTerms(
                self::text($data, 'id'),
                Money::fromEntry(self::text($data, 'amount'), $currency),
                self::text($data, 'payee'),
                self::text($data, 'digest'),
            ),
            Money::fromEntry(self::text($data, 'captured'), $currency),
            Money::fromEntry(self::text($data, 'refunded'), $currency),
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
