<?php

declare(strict_types=1);

namespace PaperKite\Partner\Commission;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use PaperKite\Money\Money;

/** What so many clicks should bring. */
final readonly class Expected
{
    private function __construct(
        /** Of one sale at the present price. */
        public Money $commission,
        public Conversion $conversion,
        public Money $earnings,
        public Money $low,
        public Money $high,
    ) {}

    public static function of(Money $price, Rate $rate, int $clicks, Conversion $conversion): self
    {
        $commission = $rate->share->of($price);

        return new self(
            $commission,
            $conversion,
            self::times($commission, $clicks, $conversion->share),
            self::times($commission, $clicks, $conversion->low),
            self::times($commission, $clicks, $conversion->high),
        );
    }

    private static function times(Money $commission, int $clicks, float $share): Money
    {
        $minor = BigDecimal::of($commission->minor)->multipliedBy($clicks)->multipliedBy(BigDecimal::of(sprintf('%.12F', $share)));

        return Money::ofMinor($minor->toScale(0, RoundingMode::HALF_UP)->toInt(), $commission->currency);
    }
}
