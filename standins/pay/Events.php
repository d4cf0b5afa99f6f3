<?php

declare(strict_types=1);

namespace Standins\pay;

use StandardWebhooks\Webhook;

/** Tells a shop what became of a payment. */
final readonly class Events
{
    private const LATE_SECONDS = 15;

    public function __construct(
        private Ledger $ledger,
        private string $secret,
    ) {}

    /** @param array<string, mixed> $payment */
    public function tell(array $payment, Delivery $delivery): void
    {
        if ($delivery === Delivery::Never) {
            return;
        }
        $event = 'ev-'.bin2hex(random_bytes(10));
        $body = (string) json_encode([
            'type' => "payment.{$payment['state']}",
            'timestamp' => gmdate('Y-m-d\TH:i:s\Z'),
            'data' => $delivery === Delivery::Altered ? ['amount' => '0.01'] + Api::shown($payment) : Api::shown($payment),
        ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $dueAt = microtime(true) + ($delivery === Delivery::Late ? self::LATE_SECONDS : 0);
        $ids = array_map(
            fn (): int => $this->ledger->promise($event, (string) $payment['events_to'], $body, $delivery === Delivery::Forged, $dueAt),
            $delivery === Delivery::Twice ? [1, 2] : [1],
        );
        if ($delivery !== Delivery::Late) {
            array_map($this->attempt(...), $ids);
        }
    }

    public function attemptDue(): void
    {
        foreach ($this->ledger->due(microtime(true)) as $delivery) {
            $this->attempt((int) $delivery['id']);
        }
    }

    private function attempt(int $id): void
    {
        $delivery = $this->ledger->delivery($id);
        if ($delivery === null || ! $this->ledger->claim($id, (int) $delivery['attempts'], microtime(true) + min(60, 2 ** ((int) $delivery['attempts'] + 1)))) {
            return;
        }
        $status = $this->post($delivery);
        // A forger does not come back; the provider does until it is heard.
        if (($status >= 200 && $status < 300) || $delivery['is_forged'] || $status === 404) {
            $this->ledger->done($id);
        }
    }

    /** @param array<string, mixed> $delivery */
    private function post(array $delivery): int
    {
        $now = time();
        $body = (string) $delivery['body'];
        $signer = new Webhook($delivery['is_forged'] ? 'whsec_'.base64_encode('not the secret of the provider') : $this->secret);
        $curl = curl_init((string) $delivery['url']);
        curl_setopt_array($curl, [
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_CONNECTTIMEOUT => 3,
            CURLOPT_TIMEOUT => 10,
            // The host need not resolve here: every shop is on this machine.
            CURLOPT_CONNECT_TO => ['::127.0.0.1:'],
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                "webhook-id: {$delivery['event']}",
                "webhook-timestamp: {$now}",
                'webhook-signature: '.$signer->sign((string) $delivery['event'], $now, $body),
            ],
        ]);
        curl_exec($curl);

        return (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    }
}
