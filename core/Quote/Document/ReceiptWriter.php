<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Quote\Because;
use PaperKite\Quote\Fault;
use PaperKite\Quote\LaterPayment;
use PaperKite\Quote\LineBecause;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;
use PaperKite\Quote\Unquotable;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;

/** A receipt, or what stood in its way, as JSON (RFC 8259). Amounts are decimal texts with the currency’s digits. */
final class ReceiptWriter
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE;

    public static function receipt(Receipt $receipt): string
    {
        $because = Because::of($receipt);

        return json_encode([
            'currency' => $receipt->shop->currency->code,
            'lines' => array_map(static fn (ReceiptLine $line): array => self::line($line, $receipt), $receipt->lines),
            'items' => $receipt->items->decimal(),
            'discount' => $receipt->discount->total->decimal(),
            'shipping' => $receipt->shipping->fee->decimal(),
            'tax' => $receipt->tax->decimal(),
            'total' => $receipt->total->decimal(),
            'gift_cards' => $receipt->giftCards->decimal(),
            'due_now' => $receipt->dueNow->decimal(),
            'later' => array_map(static fn (LaterPayment $payment): array => ['on' => $payment->on->text(), 'amount' => $payment->amount->decimal()], $receipt->later),
            'profit' => $receipt->profit->decimal(),
            'because' => self::said([
                'discount' => $because->discount,
                'shipping' => $because->shipping,
                'tax' => $because->tax,
                'gift_cards' => $because->giftCards,
                'due_now' => $because->dueNow,
                'later' => $because->later,
            ]),
            'findings' => array_map(static fn (Said $said): string => $said->in(Wording::english()), Because::findings($receipt)),
        ], self::FLAGS);
    }

    public static function faults(Unquotable $unquotable): string
    {
        return json_encode([
            'errors' => array_map(static fn (Fault $fault): array => ['at' => $fault->at, 'message' => $fault->message], $unquotable->faults),
        ], self::FLAGS);
    }

    /** @return array<string, mixed> */
    private static function line(ReceiptLine $line, Receipt $receipt): array
    {
        $because = LineBecause::of($line, $receipt);

        return [
            'sku' => $line->pick->sku()->text,
            'quantity' => $line->pick->quantity->pieces,
            'unit' => $line->unit->today->decimal(),
            'subtotal' => $line->subtotal->decimal(),
            'discount' => $line->discount->decimal(),
            'tax' => $line->tax->decimal(),
            'because' => self::said(['unit' => $because->unit, 'discount' => $because->discount, 'tax' => $because->tax]),
        ];
    }

    /** @param  array<string, Said|null>  $said by amount */
    private static function said(array $said): object
    {
        return (object) array_filter(array_map(static fn (?Said $each): ?string => $each?->in(Wording::english()), $said), is_string(...));
    }
}
