<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use App\Models\OrderLine;
use OpenApi\Attributes as OA;
use PaperKite\Quote\Because;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

#[OA\Schema(schema: 'Bill', description: 'What the shopper pays, and why.')]
final readonly class BillResource
{
    /** @param  list<BillLineResource>  $lines */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BillLineResource::class))]
        public array $lines,
        #[OA\Property]
        public Amount $items,
        #[OA\Property(description: 'Null where nothing is taken off.')]
        public ?Amount $discount,
        #[OA\Property]
        public string $discount_because,
        #[OA\Property]
        public Amount $shipping,
        #[OA\Property]
        public string $shipping_because,
        #[OA\Property(description: 'Null where there is none.')]
        public ?Amount $tax,
        #[OA\Property]
        public string $tax_because,
        #[OA\Property(description: 'Whether the tax is in the prices already.')]
        public bool $tax_is_contained,
        #[OA\Property]
        public Amount $total,
        #[OA\Property(description: 'What is left to the seller.')]
        public Amount $profit,
    ) {}

    /** @param  string  $picture  the path of the picture of the goods */
    public static function ofReceipt(Receipt $receipt, string $picture): self
    {
        $because = Because::of($receipt);

        return new self(
            lines: array_map(static fn (ReceiptLine $line) => BillLineResource::ofReceipt($line, $receipt, $picture), $receipt->lines),
            items: Amount::of($receipt->items),
            discount: $receipt->discount->total->isZero() ? null : Amount::of($receipt->discount->total),
            discount_because: $because->discount ?? '',
            shipping: Amount::of($receipt->shipping->fee),
            shipping_because: $because->shipping,
            tax: $receipt->tax->isZero() ? null : Amount::of($receipt->tax),
            tax_because: $because->tax ?? '',
            tax_is_contained: $receipt->shop->tax->areContained,
            total: Amount::of($receipt->total),
            profit: Amount::of($receipt->profit),
        );
    }

    public static function ofOrder(Order $order): self
    {
        return new self(
            lines: array_values($order->lines->map(fn (OrderLine $line) => BillLineResource::ofOrder($line, $order))->all()),
            items: Amount::of($order->money($order->items_minor)),
            discount: $order->discount_minor === 0 ? null : Amount::of($order->money($order->discount_minor)),
            discount_because: $order->reasons['discount'] ?? '',
            shipping: Amount::of($order->money($order->shipping_minor)),
            shipping_because: $order->reasons['shipping'] ?? '',
            tax: $order->tax_minor === 0 ? null : Amount::of($order->money($order->tax_minor)),
            tax_because: $order->reasons['tax'] ?? '',
            tax_is_contained: $order->tax_is_contained,
            total: Amount::of($order->money($order->total_minor)),
            profit: Amount::of($order->money($order->profit_minor)),
        );
    }
}
