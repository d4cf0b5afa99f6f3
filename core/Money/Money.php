<?php

declare(strict_types=1);

namespace PaperKite\Money;

use Brick\Math\BigDecimal;

/** An amount of one currency, exact, in its minor units (cents, where the currency has them). */
final readonly class Money
{
    /** In whole units. A typed amount is far below what 64 bits hold, so that a cart of such prices can be summed. */
    private const LARGEST_ENTRY = 999_999_999_999;

    private function __construct(
        public int $minor,
        public Currency $currency,
    ) {}

    public static function ofMinor(int $minor, Currency $currency): self
    {
        return new self($minor, $currency);
    }

    public static function zero(Currency $currency): self
    {
        return new self(0, $currency);
    }

    /**
     * Reads an amount as a person writes it: digits, a point, at most the currency's decimals. Nothing is rounded.
     *
     * @throws InvalidAmount
     */
    public static function fromEntry(string $text, Currency $currency): self
    {
        $text = trim($text, ' ');
        if ($text === '') {
            throw InvalidAmount::missing();
        }
        if (preg_match('/\A(-?)\d{1,30}(?:\.(\d{1,30}))?\z/', $text, $parts) !== 1) {
            throw InvalidAmount::notANumber($text);
        }
        if ($parts[1] === '-') {
            throw InvalidAmount::negative($text);
        }
        if (strlen($parts[2] ?? '') > $currency->digits) {
            throw InvalidAmount::tooManyDecimals($text, $currency);
        }
        $amount = BigDecimal::of($text);
        if ($amount->isGreaterThan(self::LARGEST_ENTRY)) {
            throw InvalidAmount::tooLarge();
        }

        return new self($amount->withPointMovedRight($currency->digits)->toInt(), $currency);
    }

    /**
     * @param  array<self>  $amounts
     *
     * @throws CurrencyMismatch
     * @throws AmountTooLarge
     */
    public static function sum(array $amounts, Currency $currency): self
    {
        $sum = self::zero($currency);
        $minor = 0;
        foreach ($amounts as $amount) {
            $sum->mustMatch($amount);
            $minor += $amount->minor;
        }

        return self::exact($minor, $currency);
    }

    /**
     * @throws CurrencyMismatch
     * @throws AmountTooLarge
     */
    public function plus(self $other): self
    {
        $this->mustMatch($other);

        return self::exact($this->minor + $other->minor, $this->currency);
    }

    /**
     * @throws CurrencyMismatch
     * @throws AmountTooLarge
     */
    public function minus(self $other): self
    {
        $this->mustMatch($other);

        return self::exact($this->minor - $other->minor, $this->currency);
    }

    /** @throws AmountTooLarge */
    public function multipliedBy(int $times): self
    {
        return self::exact($this->minor * $times, $this->currency);
    }

    /** @throws CurrencyMismatch */
    public function smallerOf(self $other): self
    {
        return $this->isLessThan($other) ? $this : $other;
    }

    public function isZero(): bool
    {
        return $this->minor === 0;
    }

    /** @throws CurrencyMismatch */
    public function isLessThan(self $other): bool
    {
        $this->mustMatch($other);

        return $this->minor < $other->minor;
    }

    public function equals(self $other): bool
    {
        return $this->minor === $other->minor && $this->currency->equals($other->currency);
    }

    /** The amount with the currency's decimals and nothing else: `9.80`, `980`. */
    public function decimal(): string
    {
        return (string) BigDecimal::ofUnscaledValue($this->minor, $this->currency->digits);
    }

    /** As a person reads it in English: `€1,249.00`, `CHF 12.00`. */
    public function shown(): string
    {
        [$whole, $decimals] = explode('.', $this->decimal().'.');
        $sign = str_starts_with($whole, '-') ? '−' : '';
        $grouped = preg_replace('/\B(?=(\d{3})+\z)/', ',', ltrim($whole, '-'));
        $symbol = $this->currency->symbol();
        // A symbol of letters wants air between itself and the figures.
        $gap = preg_match('/\p{L}\z/u', $symbol) === 1 ? "\u{00A0}" : '';

        return $sign.$symbol.$gap.$grouped.($decimals === '' ? '' : ".{$decimals}");
    }

    private function mustMatch(self $other): void
    {
        // Nearly always the very same: to ask it what it is called would take longer than the sum.
        if ($this->currency !== $other->currency && ! $this->currency->equals($other->currency)) {
            throw CurrencyMismatch::between($this->currency, $other->currency);
        }
    }

    /** PHP turns an integer that grew too large into a float. */
    private static function exact(int|float $minor, Currency $currency): self
    {
        return is_int($minor) ? new self($minor, $currency) : throw AmountTooLarge::toReckon();
    }
}
