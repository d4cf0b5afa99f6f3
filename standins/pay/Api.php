<?php

declare(strict_types=1);

namespace Standins\pay;

use Standins\Answer;
use Standins\Request;

/** What shops ask of the provider. */
final readonly class Api
{
    private const FACTS = ['reference', 'amount', 'currency', 'payee', 'digest', 'description', 'return_to', 'cancel_to', 'events_to'];

    public function __construct(
        private Ledger $ledger,
        private string $key,
        private string $origin,
    ) {}

    public function answer(Request $request): Answer
    {
        $mood = $this->ledger->mood();
        sleep($mood->seconds());

        return match ($mood) {
            Mood::AsUsual, Mood::Slow, Mood::DeclinesRefunds, Mood::DelaysRefunds => $this->asked($request, $mood),
            Mood::LosesAnswers => $this->unheard($request, $mood),
            Mood::Failing => Answer::json(['error' => 'Something broke.'], 500),
            Mood::TooMany => Answer::json(['error' => 'Ask less often.'], 429),
            Mood::Garbage => Answer::page('<!doctype html><title>Welcome</title><p>Welcome.</p>'),
            Mood::Silent => Answer::hangUp(),
        };
    }

    private function unheard(Request $request, Mood $mood): Answer
    {
        $this->asked($request, $mood);

        return Answer::hangUp();
    }

    private function asked(Request $request, Mood $mood): Answer
    {
        if (! hash_equals("Bearer {$this->key}", $request->headers['authorization'] ?? '')) {
            return Answer::json(['error' => 'The key is not known.'], 401);
        }
        if ($request->path === '/api/payments') {
            return $request->method === 'POST'
                ? $this->open($request->headers['idempotency-key'] ?? '', (array) json_decode($request->body(), true))
                : Answer::json(['payments' => array_map(static fn (Payment $payment): array => $payment->shown(), $this->ledger->latest())]);
        }
        $isKnown = preg_match('#\A/api/payments/([a-z0-9-]+)(?:/(capture|void|refunds))?\z#', $request->path, $parts) === 1;
        $payment = $isKnown ? $this->ledger->payment($parts[1]) : null;

        return match (true) {
            $payment === null => Answer::json(['error' => 'There is no such payment.'], 404),
            $request->method === 'GET' => Answer::json($payment->shown()),
            ($parts[2] ?? '') === 'capture' => $this->capture($payment),
            ($parts[2] ?? '') === 'refunds' => $this->refund($payment, $request->headers['idempotency-key'] ?? '', (array) json_decode($request->body(), true), $mood),
            default => $this->void($payment),
        };
    }

    /** @param  array<mixed>  $facts */
    private function open(string $idempotencyKey, array $facts): Answer
    {
        $texts = [];
        foreach (self::FACTS as $name) {
            $fact = $facts[$name] ?? null;
            if ($idempotencyKey === '' || ! is_string($fact)) {
                return Answer::json(['error' => 'A payment needs an Idempotency-Key and: '.implode(', ', self::FACTS).'.'], 422);
            }
            $texts[$name] = $fact;
        }
        $payment = $this->ledger->open($idempotencyKey, $texts);

        return Answer::json($payment->shown() + ['page' => "{$this->origin}/pay/{$payment->id}"]);
    }

    private function capture(Payment $payment): Answer
    {
        $hasMoved = $this->ledger->move($payment->id, 'authorised', 'captured');

        return $hasMoved || $payment->state === 'captured'
            ? Answer::json(($this->ledger->payment($payment->id) ?? $payment)->shown())
            : Answer::json(['error' => "A payment that is {$payment->state} can’t be captured."], 409);
    }

    private function void(Payment $payment): Answer
    {
        if (! $this->ledger->move($payment->id, 'open', 'cancelled')) {
            $this->ledger->move($payment->id, 'authorised', 'voided');
        }

        return Answer::json(($this->ledger->payment($payment->id) ?? $payment)->shown());
    }

    /** @param  array<mixed>  $facts */
    private function refund(Payment $payment, string $key, array $facts, Mood $mood): Answer
    {
        $amount = $facts['amount'] ?? null;
        if ($key === '' || ! is_string($amount) || ! Payment::isAmount($amount) || (int) Payment::minor($amount) === 0) {
            return Answer::json(['error' => 'A refund needs an Idempotency-Key and an amount above nothing, with the payment’s decimals.'], 422);
        }
        $refund = $this->ledger->refund($payment, $key, $amount, $mood->refundState());

        return $refund === null
            ? Answer::json(['error' => "Of a payment that is {$payment->state} no more than was taken can be given back."], 409)
            : Answer::json(($this->ledger->payment($payment->id) ?? $payment)->shown() + ['refund' => $refund]);
    }
}
