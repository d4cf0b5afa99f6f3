<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use PaperKite\Money\Money;
use PaperKite\Money\Shares;

/** What can still be given back of an order, after what has been. */
final readonly class Balance
{
    /**
     * @param  array<int, Left>  $lines  by their ids
     * @param  Money  $left  of what was taken
     */
    private function __construct(
        public array $lines,
        public Left $shipping,
        public Money $left,
    ) {}

    /**
     * @param  array<int, Left>  $lines  as they were sold, by their ids
     * @param  Money  $captured  what was taken of the shopper
     * @param  list<GivenBack>  $steps  given back already, or about to be
     */
    public static function of(array $lines, Left $shipping, Money $captured, array $steps): self
    {
        return array_reduce($steps, static fn (self $balance, GivenBack $step): self => $balance->after($step), new self($lines, $shipping, $captured));
    }

    public function after(GivenBack $step): self
    {
        $lines = $this->lines;
        foreach ($step->lines as $id => $share) {
            $lines[$id] = $lines[$id]->after($share);
        }

        return new self($lines, $step->shipping === null ? $this->shipping : $this->shipping->after($step->shipping), $this->left->minus($step->amount));
    }

    /** @return list<int> ids of lines of which nothing is left after a step that gave back of them */
    public function usedUpBy(GivenBack $step): array
    {
        $after = $this->after($step)->lines;

        return array_values(array_filter(array_keys($step->lines), static fn (int $id): bool => $after[$id]->pieces === 0 || $after[$id]->portion->amount->isZero()));
    }

    /** All that is left: every piece, and shipping. */
    public function everything(): Wish
    {
        return Wish::goods(array_map(static fn (Left $line): int => $line->pieces, $this->lines), $this->shipping->portion->amount);
    }

    /** @throws CantGiveBack */
    public function giving(Wish $wish): GivenBack
    {
        $step = $wish->amount === null ? $this->goods($wish) : $this->spread($wish->amount);
        if ($this->left->isLessThan($step->amount)) {
            throw CantGiveBack::moreThanWasTaken($this->left);
        }

        return $step->amount->isZero() ? throw CantGiveBack::nothing() : $step;
    }

    /** @throws CantGiveBack */
    private function goods(Wish $wish): GivenBack
    {
        $lines = [];
        foreach ($wish->pieces as $id => $pieces) {
            $left = $this->lines[$id] ?? throw CantGiveBack::unknownLine($id);
            $lines[$id] = $pieces < 0 || $pieces > $left->pieces ? throw CantGiveBack::pieces($id, $left->pieces) : $left->forPieces($pieces);
        }
        $shipping = $wish->shipping ?? Money::zero($this->left->currency);
        $most = $this->shipping->portion->amount;

        return new GivenBack($lines, match (true) {
            $shipping->isZero() => null,
            $shipping->minor < 0, $most->isLessThan($shipping) => throw CantGiveBack::shipping($most),
            default => $this->shipping->forAmount($shipping),
        }, $shipping);
    }

    /**
     * An amount for which nothing comes back is shared over all that was paid for and not given back yet.
     *
     * @throws CantGiveBack
     */
    private function spread(Money $amount): GivenBack
    {
        $parts = [...array_values($this->lines), $this->shipping];
        $worth = array_map(static fn (Left $part): Money => $part->portion->amount, $parts);
        $most = Money::sum($worth, $amount->currency)->smallerOf($this->left);
        if ($amount->minor < 0 || $most->isLessThan($amount)) {
            throw CantGiveBack::amount($most);
        }
        $shares = array_map(
            static fn (Left $part, Money $share): ?Share => $share->isZero() ? null : $part->forAmount($share),
            $parts,
            Shares::inProportion($amount, $worth),
        );
        $shipping = array_pop($shares);

        return new GivenBack(array_filter(array_combine(array_keys($this->lines), $shares)), $shipping, $amount);
    }
}
