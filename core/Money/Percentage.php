<?php

declare(strict_types=1);

namespace PaperKite\Money;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\Exception\IntegerOverflowException;
use Brick\Math\RoundingMode;

/** So many hundredths, exact, with as many decimals as were written. */
final readonly class Percentage
{
    private const MOST_DECIMALS = 30;

    /** Up to this, the machine's own integers hold the product with an amount of the same size. */
    private const LARGEST_QUICK = 1_000_000_000;

    /** Units and whole as numbers of the machine, where they are small; most amounts are reckoned with these, ten times as fast. */
    private ?int $quickUnits;

    private int $quickWhole;

    private function __construct(
        /** The percentage is `units / whole` of an amount. */
        private BigInteger $units,
        private BigInteger $whole,
        /** As it was written, without zeros at the end. */
        public string $text,
    ) {
        $isQuick = $units->isLessThanOrEqualTo(self::LARGEST_QUICK) && $whole->isLessThanOrEqualTo(self::LARGEST_QUICK);
        $this->quickUnits = $isQuick ? $units->toInt() : null;
        $this->quickWhole = $isQuick ? $whole->toInt() : 0;
    }

    public static function zero(): self
    {
        return self::fromEntry('0');
    }

    /** @throws InvalidPercentage */
    public static function fromEntry(string $text): self
    {
        $text = trim($text, ' ');
        if ($text === '') {
            throw InvalidPercentage::missing();
        }
        if (preg_match('/\A\d{1,30}(?:\.(\d{1,'.self::MOST_DECIMALS.'}))?\z/', $text) !== 1) {
            throw InvalidPercentage::notANumber($text);
        }
        $value = BigDecimal::of($text)->stripTrailingZeros();
        if ($value->isGreaterThan(100)) {
            throw InvalidPercentage::aboveAll($text);
        }

        return new self($value->getUnscaledValue(), BigInteger::ten()->power($value->getScale())->multipliedBy(100), (string) $value);
    }

    public function isZero(): bool
    {
        return $this->units->isZero();
    }

    /** The amount's percentage, half up: 23 % of 12.95 is 2.98. */
    public function of(Money $amount): Money
    {
        return $this->rounded($amount, isContained: false);
    }

    /** What an amount contains of itself that was put on at this rate, half up: 23 % is contained in 12.95 with 2.42. */
    public function containedIn(Money $amount): Money
    {
        return $this->rounded($amount, isContained: true);
    }

    private function rounded(Money $amount, bool $isContained): Money
    {
        $minor = $this->quickUnits !== null && abs($amount->minor) <= self::LARGEST_QUICK
            ? self::halfUp($amount->minor * $this->quickUnits, $isContained ? $this->quickWhole + $this->quickUnits : $this->quickWhole)
            : $this->ofAnySize($amount->minor, $isContained ? $this->whole->plus($this->units) : $this->whole);

        return Money::ofMinor($minor, $amount->currency);
    }

    /** Away from zero at exactly half. */
    private static function halfUp(int $product, int $divisor): int
    {
        $quotient = intdiv($product, $divisor);
        $rest = abs($product % $divisor);

        return $rest < $divisor - $rest ? $quotient : $quotient + ($product < 0 ? -1 : 1);
    }

    private function ofAnySize(int $minor, BigInteger $divisor): int
    {
        try {
            // HALF_UP of brick/math is away from zero at exactly half.
            return $this->units->multipliedBy($minor)->dividedBy($divisor, RoundingMode::HALF_UP)->toInt();
        } catch (IntegerOverflowException) {
            throw AmountTooLarge::toReckon();
        }
    }
}
