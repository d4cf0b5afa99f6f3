<?php

declare(strict_types=1);

namespace Standins\pay;

use StandardWebhooks\Webhook;
use Standins\Clock;

/** Tells a shop what became of a payment. */
final readonly class Events
{
    private const LATE_SECONDS = 15;

    private const FORGERS_SECRET = 'whsec_bm90IHRoZSBwcm92aWRlcidzIHNlY3JldA==';

    public function __construct(
        private Ledger $ledger,
        private string $secret,
        private Clock $clock,
    ) {}

    public function tell(Payment $payment, Delivery $delivery): void
    {
        if ($delivery === Delivery::Never) {
            return;
        }
        $event = 'ev-'.bin2hex(random_bytes(10));
        $body = json_encode([
            'type' => "payment.{$payment->state}",
            'timestamp' => gmdate('Y-m-d\TH:i:s\Z', (int) $this->clock->now()),
            'data' => ($delivery === Delivery::Altered ? ['amount' => '0.01'] : []) + $payment->shown(),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $dueAt = $this->clock->now() + ($delivery === Delivery::Late ? self::LATE_SECONDS : 0);
        $ids = array_map(
            fn (): int => $this->ledger->promise($event, $payment->events_to, $body, $delivery === Delivery::Forged, $dueAt),
            $delivery === Delivery::Twice ? [1, 2] : [1],
        );
        if ($delivery !== Delivery::Late) {
            array_map($this->attempt(...), array_filter(array_map($this->ledger->delivery(...), $ids)));
        }
    }

    public function attemptDue(): void
    {
        array_map($this->attempt(...), $this->ledger->due($this->clock->now()));
    }

    private function attempt(PromisedDelivery $delivery): void
    {
        if (! $this->ledger->claim($delivery, $this->clock->now() + min(60, 2 ** ($delivery->attempts + 1)))) {
            return;
        }
        $status = $this->post($delivery);
        // A forger does not come back; the provider does until it is heard.
        if (($status >= 200 && $status < 300) || $delivery->is_forged === 1 || $status === 404) {
            $this->ledger->done($delivery);
        }
    }

    private function post(PromisedDelivery $delivery): int
    {
        $now = (int) $this->clock->now();
        /** @var string $signature */
        $signature = (new Webhook($delivery->is_forged === 1 ? self::FORGERS_SECRET : $this->secret))->sign($delivery->event, $now, $delivery->body);
        $curl = curl_init($delivery->url);
        if ($curl === false) {
            return 0;
        }
        curl_setopt_array($curl, [
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => $delivery->body,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_CONNECTTIMEOUT => 3,
            CURLOPT_TIMEOUT => 10,
            // The host need not resolve here: every shop is on this machine.
            CURLOPT_CONNECT_TO => ['::127.0.0.1:'],
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                "webhook-id: {$delivery->event}",
                "webhook-timestamp: {$now}",
                "webhook-signature: {$signature}",
            ],
        ]);
        curl_exec($curl);

        return curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    }
}
