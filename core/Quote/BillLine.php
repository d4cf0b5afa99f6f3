<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Event;
use PaperKite\Money\Money;
use PaperKite\Words\Said;

/** Goods on a bill. */
final readonly class BillLine
{
    public function __construct(
        public string $name,
        /** The names of the choices made, as one text; blank where there were none. */
        public string $choices,
        public string $sku,
        public int $quantity,
        /** Of the quantity, pieces that were not on the shelf. */
        public int $backOrdered,
        public Money $unit,
        public Money $subtotal,
        /** Why a piece costs what it costs; `null` where nothing needs saying. */
        public ?Said $because,
        /** When and where it takes place; `null` where it does not. */
        public ?Event $event = null,
    ) {}

    public static function of(ReceiptLine $line, Receipt $receipt): self
    {
        return new self(
            $line->pick->product->name,
            implode(' · ', $line->pick->variant->choices ?? []),
            $line->pick->sku()->text,
            $line->pick->quantity->pieces,
            0,
            $line->unit->today,
            $line->subtotal,
            LineBecause::of($line, $receipt)->unit,
            $line->pick->product->eventOf($line->pick->variant),
        );
    }
}
