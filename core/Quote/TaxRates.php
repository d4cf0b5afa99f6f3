<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;

/** Rule 5: how much tax is contained in an amount, or comes on top of it. */
final readonly class TaxRates
{
    /** @param  array<string, array<string, Percentage>>  $rates  by country (ISO 3166-1 alpha-2), then by class */
    public function __construct(
        public bool $areContained,
        public array $rates,
    ) {}

    /** @param  string|null  $class  `null`: of no class, and so without tax */
    public function rate(string $country, ?string $class): ?Percentage
    {
        return $class === null ? null : $this->rates[$country][$class] ?? null;
    }

    /** Whether goods of the class are taxed anywhere, be it at nothing. */
    public function knows(string $class): bool
    {
        return array_filter($this->rates, static fn (array $byClass): bool => isset($byClass[$class])) !== [];
    }

    /** Whether anything is taken of goods of the class, in whatever country. */
    public function take(string $class): bool
    {
        return array_filter($this->rates, static fn (array $byClass): bool => ($byClass[$class] ?? null)?->isZero() === false) !== [];
    }

    public function with(string $country, string $class, Percentage $rate): self
    {
        return new self($this->areContained, [$country => [$class => $rate] + ($this->rates[$country] ?? [])] + $this->rates);
    }

    public function on(Money $base, string $country, ?string $class): Money
    {
        return $this->by($this->rate($country, $class), $base);
    }

    /** @param  Percentage|null  $rate  `null`: the shop has none for it */
    public function by(?Percentage $rate, Money $base): Money
    {
        return match (true) {
            $rate === null => Money::zero($base->currency),
            $this->areContained => $rate->containedIn($base),
            default => $rate->of($base),
        };
    }

    /** @return string|null `null`: it is money itself, of which no tax is taken */
    public static function classOf(Pick $line): ?string
    {
        return $line->product->kind->isMoneyItself() ? null : $line->product->taxClass;
    }

    public function ofLine(Pick $line, string $country): ?Percentage
    {
        return $this->rate($country, self::classOf($line));
    }

    public function onLine(Pick $line, Money $base, string $country): Money
    {
        return $this->by($this->ofLine($line, $country), $base);
    }
}
