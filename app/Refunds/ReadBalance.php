<?php

declare(strict_types=1);

namespace App\Refunds;

use App\Models\CardMovement;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\RefundLine;
use PaperKite\Payment\RefundState;
use PaperKite\Refund\Balance;
use PaperKite\Refund\GivenBack;
use PaperKite\Refund\Left;
use PaperKite\Refund\Portion;
use PaperKite\Refund\Share;

/** What can still be given back of an order, as the core reckons it. What the provider has been asked for counts as given. */
final class ReadBalance
{
    /** Of an order, what is read with it. */
    public const WITH = ['lines.giftCard', 'payments', 'refunds.lines', 'cardMovements'];

    /** @param  Order  $order  with what is read with it */
    public static function of(Order $order): Balance
    {
        $given = $order->refunds->filter(static fn (Refund $refund): bool => $refund->state !== RefundState::Declined);

        return Balance::of(
            $order->lines->mapWithKeys(static fn (OrderLine $line): array => [$line->id => self::line($order, $line)])->all(),
            Left::of(1, self::portion($order, $order->shipping_minor, 0, self::shippingTax($order))),
            $order->money((int) $order->payments->sum(static fn (Payment $payment): int => $payment->captured_minor) + self::byCards($order)),
            array_values($given->map(static fn (Refund $refund): GivenBack => self::step($order, $refund))->all()),
        );
    }

    /** @param  Refund  $refund  with its lines */
    public static function step(Order $order, Refund $refund): GivenBack
    {
        $shipping = $refund->lines->first(static fn (RefundLine $line): bool => $line->order_line_id === null);

        return new GivenBack(
            $refund->lines->filter(static fn (RefundLine $line): bool => $line->order_line_id !== null)
                ->mapWithKeys(static fn (RefundLine $line): array => [(int) $line->order_line_id => $line->share($order)])->all(),
            $shipping?->share($order),
            $order->money(0),
        );
    }

    /** What of the order's money the provider has still, in minor units. */
    public static function leftAtProvider(Order $order): int
    {
        $given = $order->refunds->filter(static fn (Refund $refund): bool => $refund->state !== RefundState::Declined);

        return $order->payments->sum(static fn (Payment $payment): int => $payment->captured_minor) - $given->sum(static fn (Refund $refund): int => $refund->payment_minor);
    }

    /** What gift cards have paid, save what came back to them without a refund, since nothing was taken. */
    private static function byCards(Order $order): int
    {
        return -$order->cardMovements->filter(static fn (CardMovement $movement): bool => $movement->refund_id === 0)->sum(static fn (CardMovement $movement): int => $movement->amount_minor);
    }

    /** @return array<string, int> as columns of a line of a refund */
    public static function columns(Share $share): array
    {
        return ['pieces' => $share->pieces, 'net_minor' => $share->portion->net->minor, 'discount_minor' => $share->portion->discount->minor, 'tax_minor' => $share->portion->tax->minor];
    }

    /** Where it was not kept by itself, it is what of the tax no line bears. */
    private static function shippingTax(Order $order): int
    {
        return $order->shipping_tax_minor ?? max(0, $order->tax_minor - array_sum($order->lines->map(static fn (OrderLine $line): int => $line->tax_minor)->all()));
    }

    private static function line(Order $order, OrderLine $line): Left
    {
        $net = $line->subtotal_minor - $line->discount_minor;
        if ($line->giftCard !== null) {
            // A card is given back for what is left on it; what came back for it before is reckoned off again.
            $net = min($net, $line->giftCard->balance_minor + self::givenFor($order, $line));
        }

        return Left::of(max(1, $line->quantity), self::portion($order, $net, $line->discount_minor, $line->tax_minor));
    }

    private static function givenFor(Order $order, OrderLine $line): int
    {
        $given = $order->refunds->filter(static fn (Refund $refund): bool => $refund->state !== RefundState::Declined);

        return $given->sum(static fn (Refund $refund): int => $refund->lines->filter(static fn (RefundLine $one): bool => $one->order_line_id === $line->id)->sum(static fn (RefundLine $one): int => $one->net_minor));
    }

    private static function portion(Order $order, int $net, int $discount, int $tax): Portion
    {
        return new Portion($order->money($net), $order->money($discount), $order->money($tax), $order->tax_is_contained);
    }
}
