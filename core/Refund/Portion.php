<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use PaperKite\Money\Money;
use PaperKite\Money\Shares;

/** What was paid for something, with the discount that was taken off before and the tax that is in it or on top of it. */
final readonly class Portion
{
    /** What the shopper pays, or gets back. */
    public Money $amount;

    /** Before the discount, without tax that comes on top. */
    public Money $subtotal;

    /** @param  Money  $net  after the discount, without tax that comes on top */
    public function __construct(
        public Money $net,
        public Money $discount,
        public Money $tax,
        public bool $taxIsContained,
    ) {
        $this->amount = $taxIsContained ? $net : $net->plus($tax);
        $this->subtotal = $net->plus($discount);
    }

    public function none(): self
    {
        $nothing = Money::zero($this->net->currency);

        return new self($nothing, $nothing, $nothing, $this->taxIsContained);
    }

    public function minus(self $other): self
    {
        return new self($this->net->minus($other->net), $this->discount->minus($other->discount), $this->tax->minus($other->tax), $this->taxIsContained);
    }

    /**
     * So many pieces of all. Discount and tax are rounded half up and what is paid half down, so that the subtotal of
     * pieces of one price is that price times their number.
     *
     * @param  int<0, max>  $pieces
     * @param  int<1, max>  $of
     */
    public function pieces(int $pieces, int $of): self
    {
        return new self(
            $this->net->minus(Shares::part($this->net, max(0, $of - $pieces), $of)),
            Shares::part($this->discount, $pieces, $of),
            Shares::part($this->tax, $pieces, $of),
            $this->taxIsContained,
        );
    }

    /** So much of what is paid, with the discount and the tax that belong to that; all of it with all of them. */
    public function of(Money $amount): self
    {
        if ($this->amount->minor < 1) {
            return $this->none();
        }
        [$parts, $whole] = [max(0, $amount->minor), $this->amount->minor];
        $tax = Shares::part($this->tax, $parts, $whole);

        return new self($this->taxIsContained ? $amount : $amount->minus($tax), Shares::part($this->discount, $parts, $whole), $tax, $this->taxIsContained);
    }
}
