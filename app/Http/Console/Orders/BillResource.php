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
            array_map(static fn (ReceiptLine $line) => BillLineResource::ofReceipt($line, $receipt, $picture), $receipt->lines),
            Amount::of($receipt->items),
            $receipt->discount->total->isZero() ? null : Amount::of($receipt->discount->total),
            $because->discount ?? '',
            Amount::of($receipt->shipping->fee),
            $because->shipping,
            $receipt->tax->isZero() ? null : Amount::of($receipt->tax),
            $because->tax ?? '',
            $receipt->shop->tax->areContained,
            Amount::of($receipt->total),
            Amount::of($receipt->profit),
        );
    }

    public static function ofOrder(Order $order): self
    {
        return new self(
            array_values($order->lines->map(fn (OrderLine $line) => BillLineResource::ofOrder($line, $order))->all()),
            Amount::of($order->money($order->items_minor)),
            $order->discount_minor === 0 ? null : Amount::of($order->money($order->discount_minor)),
            $order->reasons['discount'] ?? '',
            Amount::of($order->money($order->shipping_minor)),
            $order->reasons['shipping'] ?? '',
            $order->tax_minor === 0 ? null : Amount::of($order->money($order->tax_minor)),
            $order->reasons['tax'] ?? '',
            $order->tax_is_contained,
            Amount::of($order->money($order->total_minor)),
            Amount::of($order->money($order->profit_minor)),
        );
    }
}
