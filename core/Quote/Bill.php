<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** What is paid, as it is read: goods, what comes on top or off, the sum. Of a receipt, or as it was when it was paid. */
final readonly class Bill
{
    /**
     * @param  list<BillLine>  $lines
     * @param  list<BillRow>  $rows  between the goods and the total, in their order
     * @param  list<BillRow>  $within  what the total contains
     */
    private function __construct(
        public array $lines,
        public Money $items,
        public array $rows,
        public Money $total,
        public array $within,
        public bool $taxIsContained,
        /** For the seller alone. */
        public Money $profit,
        /** What gift cards pay of the total; `null` where none does. */
        public ?BillRow $cards = null,
        /** What is left to be paid now; `null`: all of the total. */
        public ?Money $due = null,
    ) {}

    public static function of(Receipt $receipt): self
    {
        $because = Because::of($receipt);

        return self::drawn(
            array_map(static fn (ReceiptLine $line): BillLine => BillLine::of($line, $receipt), $receipt->lines),
            $receipt->items,
            new BillRow(BillRowKind::Discount, $receipt->discount->total, $because->discount),
            self::ships($receipt) ? new BillRow(BillRowKind::Shipping, $receipt->shipping->fee, $because->shipping) : null,
            new BillRow($receipt->shop->tax->areContained ? BillRowKind::ContainedTax : BillRowKind::Tax, $receipt->tax, $because->tax),
            $receipt->total,
            $receipt->profit,
        )->paidBy($receipt->giftCards, $receipt->dueNow);
    }

    /**
     * What nothing is taken off by, or no tax is in, has no row of it; what is sent has one of shipping, free or not.
     *
     * @param  list<BillLine>  $lines
     * @param  BillRow|null  $shipping  `null` where nothing is sent
     */
    public static function drawn(array $lines, Money $items, BillRow $discount, ?BillRow $shipping, BillRow $tax, Money $total, Money $profit): self
    {
        $isWithin = $tax->kind === BillRowKind::ContainedTax;
        $tax = $tax->amount->isZero() ? [] : [$tax];

        return new self(
            $lines,
            $items,
            [...($discount->amount->isZero() ? [] : [$discount]), ...($shipping === null ? [] : [$shipping]), ...($isWithin ? [] : $tax)],
            $total,
            $isWithin ? $tax : [],
            $isWithin,
            $profit,
        );
    }

    /** With what gift cards pay, where they pay something. */
    public function paidBy(Money $cards, Money $due): self
    {
        return $cards->isZero() ? $this : new self($this->lines, $this->items, $this->rows, $this->total, $this->within, $this->taxIsContained, $this->profit, new BillRow(BillRowKind::GiftCards, $cards, null), $due);
    }

    private static function ships(Receipt $receipt): bool
    {
        return array_filter($receipt->lines, static fn (ReceiptLine $line): bool => $line->pick->product->ships()) !== [];
    }

    public function row(BillRowKind ...$kinds): ?BillRow
    {
        foreach ([...$this->rows, ...$this->within] as $row) {
            if (in_array($row->kind, $kinds, true)) {
                return $row;
            }
        }

        return null;
    }
}
