<?php

declare(strict_types=1);

namespace Standins\pay;

/** What shops ask of the provider. */
final readonly class Api
{
    private const FACTS = ['reference', 'amount', 'currency', 'payee', 'digest', 'description', 'return_to', 'cancel_to', 'events_to'];

    public function __construct(
        private Ledger $ledger,
        private string $key,
        private string $origin,
    ) {}

    /**
     * @param  array<string, string>  $headers  by lower-case name
     * @return array{int, array<string, mixed>} status and answer
     */
    public function answer(string $method, string $path, array $headers, string $body): array
    {
        if (! hash_equals("Bearer {$this->key}", $headers['authorization'] ?? '')) {
            return [401, ['error' => 'The key is not known.']];
        }
        if ($method === 'POST' && $path === '/api/payments') {
            return $this->open($headers['idempotency-key'] ?? '', (array) json_decode($body, true));
        }
        if ($method === 'GET' && $path === '/api/payments') {
            return [200, ['payments' => array_map(self::shown(...), $this->ledger->payments())]];
        }
        if (preg_match('#\A/api/payments/([a-z0-9-]+)(?:/(capture|void))?\z#', $path, $parts) !== 1 || $this->ledger->payment($parts[1]) === null) {
            return [404, ['error' => 'There is no such payment.']];
        }

        return match ([$method, $parts[2] ?? '']) {
            ['GET', ''] => $this->state($parts[1]),
            ['POST', 'capture'] => $this->capture($parts[1]),
            ['POST', 'void'] => $this->void($parts[1]),
            default => [405, ['error' => 'That can’t be done with a payment.']],
        };
    }

    /**
     * @param  array<string, mixed>  $payment
     * @return array<string, mixed>
     */
    public static function shown(array $payment): array
    {
        return array_intersect_key($payment, array_flip(['id', 'reference', 'state', 'amount', 'currency', 'payee', 'digest', 'captures']));
    }

    /**
     * @param  array<mixed>  $facts
     * @return array{int, array<string, mixed>}
     */
    private function open(string $idempotencyKey, array $facts): array
    {
        $texts = array_filter(array_intersect_key($facts, array_flip(self::FACTS)), is_string(...));
        if ($idempotencyKey === '' || count($texts) !== count(self::FACTS)) {
            return [422, ['error' => 'A payment needs an Idempotency-Key and: '.implode(', ', self::FACTS).'.']];
        }
        $payment = $this->ledger->open($idempotencyKey, $texts);

        return [200, self::shown($payment) + ['page' => "{$this->origin}/pay/{$payment['id']}"]];
    }

    /** @return array{int, array<string, mixed>} */
    private function state(string $id): array
    {
        return [200, self::shown($this->ledger->payment($id) ?? [])];
    }

    /** @return array{int, array<string, mixed>} */
    private function capture(string $id): array
    {
        $this->ledger->move($id, 'authorised', 'captured');
        $answer = $this->state($id);

        return $answer[1]['state'] === 'captured' ? $answer : [409, ['error' => "A payment that is {$answer[1]['state']} can’t be captured."]];
    }

    /** @return array{int, array<string, mixed>} */
    private function void(string $id): array
    {
        $this->ledger->move($id, 'open', 'cancelled') || $this->ledger->move($id, 'authorised', 'voided');

        return $this->state($id);
    }
}
