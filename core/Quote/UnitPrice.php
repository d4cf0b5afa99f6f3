<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Sale;
use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/**
 * Rule 1: what one piece costs today. A variant's own price comes first, then that of the choice that sets one, then
 * the product's; a sale replaces the price it stands next to; what choices add comes on top of whichever applied.
 */
final readonly class UnitPrice
{
    private function __construct(
        /** Due today: 0 during a trial, a plan's sign-up fee included. */
        public Money $today,
        /** Of one piece, or of one payment of a plan, with what choices add. */
        public Money $price,
        public PriceSource $source,
        /** The sale that replaced the price, or `null` where none is on. */
        public ?Sale $sale,
        /** The price that applies when no sale is on, before what choices add. */
        public Money $regular,
        public Money $added,
    ) {}

    /** @throws UnpricedLine */
    public static function of(Pick $line, Moment $at): self
    {
        if ($line->variant === null && $line->product->variants !== []) {
            throw UnpricedLine::variantToChoose($line->product);
        }
        $choices = $line->variant === null ? [] : $line->product->choicesOf($line->variant);
        [$source, $price] = self::applying($line, $choices);
        $added = Money::sum(array_filter(array_map(static fn (Choice $choice): ?Money => $choice->adds, $choices)), $price->regular->currency);
        $each = $price->at($at)->plus($added);
        $unit = new self(self::dueToday($line, $each), $each, $source, $price->saleAt($at), $price->regular, $added);
        $unit->mustAllowInstalments($line);

        return $unit;
    }

    /** What it would cost without the sale that is on; `null` where none is. */
    public function beforeSale(): ?Money
    {
        return $this->sale === null ? null : $this->regular->plus($this->added);
    }

    /**
     * @param  list<Choice>  $choices
     * @return array{PriceSource, Price}
     *
     * @throws UnpricedLine
     */
    private static function applying(Pick $line, array $choices): array
    {
        if ($line->product->kind->isMoneyItself()) {
            return [PriceSource::Shopper, new Price(self::given($line))];
        }
        $plan = $line->plan();
        if ($plan !== null) {
            return [PriceSource::Plan, $plan->price];
        }
        if ($line->variant?->price !== null) {
            return [PriceSource::Variant, $line->variant->price];
        }
        foreach ($choices as $choice) {
            if ($choice->price !== null) {
                return [PriceSource::Choice, $choice->price];
            }
        }

        return [PriceSource::Product, $line->product->price ?? throw UnpricedLine::onlyByPlan($line->product)];
    }

    /** @throws UnpricedLine */
    private static function given(Pick $line): Money
    {
        $amount = $line->terms->amount ?? $line->product->price->regular ?? throw UnpricedLine::onlyByPlan($line->product);
        $objection = $line->product->limits?->objection($amount);

        return $objection === null ? $amount : throw UnpricedLine::amount($objection);
    }

    private static function dueToday(Pick $line, Money $each): Money
    {
        $due = $line->beginsWithTrial() ? Money::zero($each->currency) : $each;

        $signUp = $line->plan()?->signUp;

        return $signUp === null ? $due : $due->plus($signUp);
    }

    /** @throws UnpricedLine */
    private function mustAllowInstalments(Pick $line): void
    {
        $deposit = $line->terms->areInParts() ? $line->product->instalments?->deposit : null;
        if ($deposit !== null && ! $deposit->isLessThan($this->today)) {
            throw UnpricedLine::depositReachesPrice($deposit, $this->today);
        }
    }
}
