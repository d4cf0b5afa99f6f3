<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Payment;
use Standins\pay\Ledger;

/** Writes the demo's payments into the book of the provider stand-in, so that they can be given back like any others. */
final readonly class DemoPayments
{
    /** @param  string|null  $ledger  the file of the book; `null` where no stand-in runs */
    public function __construct(private ?string $ledger) {}

    /** @param  Payment  $payment  with its shop and its checkout */
    public function enter(Payment $payment): void
    {
        $book = $this->book();
        $order = $payment->order();
        $kept = $book?->open("open-{$payment->provider_id}", [
            'reference' => $order->reference, 'amount' => $order->amount->decimal(), 'currency' => $order->amount->currency->code, 'payee' => $order->payee, 'digest' => $order->digest,
            'description' => $order->description, 'return_to' => $order->returnTo, 'cancel_to' => $order->cancelTo, 'events_to' => $order->eventsTo,
        ], $payment->provider_id);
        if ($kept !== null) {
            $book?->move($kept->id, 'open', 'authorised');
            $book?->move($kept->id, 'authorised', 'captured');
        }
    }

    /** @param  string  $key  under which the shop asks for it */
    public function giveBack(Payment $payment, string $amount, string $key): void
    {
        $book = $this->book();
        $kept = $book?->payment((string) $payment->provider_id);
        if ($kept !== null) {
            $book?->refund($kept, $key, $amount, 'done');
        }
    }

    private function book(): ?Ledger
    {
        return $this->ledger === null ? null : new Ledger($this->ledger);
    }
}
