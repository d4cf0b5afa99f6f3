<?php

declare(strict_types=1);

namespace PaperKite\Money;

use Symfony\Component\Intl\Currencies;

final readonly class Currency
{
    private function __construct(
        public string $code,
        /** Digits after the point: 0, 2 or 3. */
        public int $digits,
    ) {}

    /** @throws UnknownCurrency */
    public static function of(string $code): self
    {
        $digits = Iso4217::minorDigits($code);
        if ($digits === null || $digits > 3) {
            throw UnknownCurrency::named($code);
        }

        return new self($code, $digits);
    }

    public function symbol(): string
    {
        return Currencies::exists($this->code) ? Currencies::getSymbol($this->code, 'en') : $this->code;
    }

    public function equals(self $other): bool
    {
        return $this->code === $other->code;
    }
}
