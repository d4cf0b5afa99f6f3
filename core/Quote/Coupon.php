<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Time\Moment;

/** A reduction that a shopper asks for by its code. */
final readonly class Coupon
{
    /** @param  list<string>|null  $skus  of products (and so of all their variants) or of variants; `null`: of all */
    private function __construct(
        public string $code,
        public CouponKind $kind,
        public ?Percentage $percent,
        public ?Money $amount,
        public ?Money $minSpend,
        public ?array $skus,
        public ?Moment $from,
        /** The first moment at which it no longer counts. */
        public ?Moment $until,
    ) {}

    /** @param  list<string>|null  $skus */
    public static function percent(string $code, Percentage $percent, ?Money $minSpend = null, ?array $skus = null, ?Moment $from = null, ?Moment $until = null): self
    {
        return new self($code, CouponKind::Percent, $percent, null, $minSpend, $skus, $from, $until);
    }

    /** @param  list<string>|null  $skus */
    public static function amount(string $code, Money $amount, ?Money $minSpend = null, ?array $skus = null, ?Moment $from = null, ?Moment $until = null): self
    {
        return new self($code, CouponKind::Amount, null, $amount, $minSpend, $skus, $from, $until);
    }

    /** @param  list<string>|null  $skus */
    public static function freeShipping(string $code, ?Money $minSpend = null, ?array $skus = null, ?Moment $from = null, ?Moment $until = null): self
    {
        return new self($code, CouponKind::FreeShipping, null, null, $minSpend, $skus, $from, $until);
    }

    /** Donations and gift cards are never reduced. */
    public function isEligible(Pick $line): bool
    {
        if ($line->product->kind->isMoneyItself()) {
            return false;
        }

        return $this->skus === null
            || in_array($line->product->sku->text, $this->skus, true)
            || in_array($line->sku()->text, $this->skus, true);
    }

    /** What it takes off the sum of the eligible lines. */
    public function reduction(Money $eligible): Money
    {
        return match ($this->kind) {
            CouponKind::Percent => $this->percent?->of($eligible) ?? Money::zero($eligible->currency),
            CouponKind::Amount => $this->amount?->smallerOf($eligible) ?? Money::zero($eligible->currency),
            CouponKind::FreeShipping => Money::zero($eligible->currency),
        };
    }
}
