<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

use PaperKite\Money\Money;
use PaperKite\Time\Day;

/** A sale as a marketplace reports it; of what is given back, amount and commission are negative. */
final readonly class Sale
{
    public function __construct(
        public Day $day,
        /** 0 to 23; `null`: the report says only the day. */
        public ?int $hour,
        /** As the link carried it; blank: none. */
        public string $subId,
        /** As the marketplace names it; blank: not said. */
        public string $item,
        /** As the marketplace calls it; blank: not said. */
        public string $category,
        /** `null`: the report doesn't say it. */
        public ?Money $amount,
        public Money $commission,
        public int $quantity,
        /** By which the marketplace names the sale; blank: not said. */
        public string $reference,
    ) {}

    public function isRefund(): bool
    {
        return $this->commission->minor < 0 || ($this->amount->minor ?? 0) < 0;
    }

    /** The same for each reading of the same row. */
    public function digest(): string
    {
        return hash('sha256', implode("\x1F", [
            $this->day->text(), (string) $this->hour, $this->subId, $this->item, $this->category,
            $this->amount === null ? '' : $this->amount->decimal(), $this->commission->decimal(), $this->commission->currency->code, (string) $this->quantity, $this->reference,
        ]));
    }

    /** By what a later report corrects it; `null`: what is given back is a row of its own, and what has no number can't be told. */
    public function key(): ?string
    {
        return $this->reference === '' || $this->isRefund() ? null : hash('sha256', "{$this->reference}\x1F{$this->item}\x1F{$this->subId}");
    }
}
