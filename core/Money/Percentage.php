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

    private function __construct(
        /** The percentage is `units / (100 × scale)` of the whole. */
        private BigInteger $units,
        private BigInteger $scale,
        /** As it was written, without zeros at the end. */
        public string $text,
    ) {}

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

        return new self($value->getUnscaledValue(), BigInteger::ten()->power($value->getScale()), (string) $value);
    }

    public function isZero(): bool
    {
        return $this->units->isZero();
    }

    /** The amount's percentage, half up: 23 % of 12.95 is 2.98. */
    public function of(Money $amount): Money
    {
        return $this->rounded($amount, $this->scale->multipliedBy(100));
    }

    /** What an amount contains of itself that was put on at this rate, half up: 23 % is contained in 12.95 with 2.42. */
    public function containedIn(Money $amount): Money
    {
        return $this->rounded($amount, $this->scale->multipliedBy(100)->plus($this->units));
    }

    private function rounded(Money $amount, BigInteger $divisor): Money
    {
        if ($this->units->isZero() || $amount->isZero()) {
            return Money::zero($amount->currency);
        }
        try {
            // HALF_UP of brick/math is away from zero at exactly half.
            $minor = $this->units->multipliedBy($amount->minor)->dividedBy($divisor, RoundingMode::HALF_UP)->toInt();
        } catch (IntegerOverflowException) {
            throw AmountTooLarge::toReckon();
        }

        return Money::ofMinor($minor, $amount->currency);
    }
}
