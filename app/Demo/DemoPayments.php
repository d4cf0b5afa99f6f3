<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Checkout;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Shop;
use App\Text\Secrets;
use PaperKite\Money\Money;
use PaperKite\Order\MoneyState;
use Standins\pay\Ledger;

/** Writes the demo's payments into the book of the provider stand-in, so that they can be given back like any others. */
final readonly class DemoPayments
{
    /** @param  string|null  $ledger  the file of the book; `null` where no stand-in runs */
    public function __construct(private ?string $ledger) {}

    /** Of an order that was just written: paid at the provider, and taken two seconds later. */
    public function take(Shop $shop, Checkout $checkout, Order $order, Money $due, string $providerId): void
    {
        $taken = $order->placed_at->addSeconds(2);
        $payment = $checkout->payments()->create([
            'shop_id' => $shop->id, 'reference' => Secrets::token(), 'provider_id' => $providerId, 'amount_minor' => $due->minor, 'captured_minor' => $due->minor, 'captured_at' => $taken,
            'currency' => $shop->currency, 'payee' => (string) $shop->payee, 'cart_digest' => $checkout->digest, 'state' => PaymentState::Captured,
        ]);
        $this->enter($payment->setRelation('shop', $shop)->setRelation('checkout', $checkout));
        Order::query()->whereKey($order->id)->update(['captured_at' => $taken, 'money_state' => MoneyState::Paid]);
    }

    /** @param  Payment  $payment  with its shop and its checkout */
    private function enter(Payment $payment): void
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
