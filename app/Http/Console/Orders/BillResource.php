<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use DateTimeZone;
use OpenApi\Attributes as OA;
use PaperKite\Quote\Bill;
use PaperKite\Quote\BillLine;
use PaperKite\Quote\BillRowKind;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;

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
        #[OA\Property(description: 'Null where nothing is sent.')]
        public ?Amount $shipping,
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
        #[OA\Property(description: 'What gift cards pay of the total; null: nothing.')]
        public ?Amount $cards,
        #[OA\Property(description: 'What is left to be paid; null: all of the total.')]
        public ?Amount $due,
        #[OA\Property(description: 'What is left to the seller.')]
        public Amount $profit,
    ) {}

    /**
     * @param  list<string>  $pictures  the path of the picture of each line, where they are shown
     * @param  list<list<string>>  $attendees  of each line, where they are known
     */
    public static function of(Bill $bill, DateTimeZone $zone, array $pictures = [], array $attendees = []): self
    {
        $discount = $bill->row(BillRowKind::Discount);
        $shipping = $bill->row(BillRowKind::Shipping);
        $tax = $bill->row(BillRowKind::Tax, BillRowKind::ContainedTax);

        return new self(
            lines: array_map(static fn (BillLine $line, int $i) => BillLineResource::of($line, $pictures[$i] ?? '', $zone, $attendees[$i] ?? []), $bill->lines, array_keys($bill->lines)),
            items: Amount::of($bill->items),
            discount: $discount === null ? null : Amount::of($discount->amount),
            discount_because: self::said($discount?->because),
            shipping: $shipping === null ? null : Amount::of($shipping->amount),
            shipping_because: self::said($shipping?->because),
            tax: $tax === null ? null : Amount::of($tax->amount),
            tax_because: self::said($tax?->because),
            tax_is_contained: $bill->taxIsContained,
            total: Amount::of($bill->total),
            cards: $bill->cards === null ? null : Amount::of($bill->cards->amount),
            due: $bill->due === null ? null : Amount::of($bill->due),
            profit: Amount::of($bill->profit),
        );
    }

    private static function said(?Said $said): string
    {
        return $said?->in(Wording::english()) ?? '';
    }
}
