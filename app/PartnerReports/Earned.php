<?php

declare(strict_types=1);

namespace App\PartnerReports;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use PaperKite\Money\Money;

/** What was earned by something, in one currency, and of how many clicks. */
final readonly class Earned
{
    /** Of what a single click brings, in decimals beyond the currency's own. */
    private const MORE_DECIMALS = 2;

    public function __construct(
        /** "place 12", "label 3", "shop", "nothing", an id, or a month: 2027-02. */
        public string $key,
        public int $clicks,
        public int $sales,
        public int $refunds,
        public Money $amount,
        public Money $commission,
    ) {}

    /** Sales of clicks, in hundredths with one decimal; `null` where nobody clicked. */
    public function conversion(): ?string
    {
        return $this->clicks === 0 ? null : (string) BigDecimal::of(100 * $this->sales)->dividedBy($this->clicks, 1, RoundingMode::HALF_UP);
    }

    /** What a click brought, with more decimals than anybody pays; `null` where nobody clicked. */
    public function perClick(): ?string
    {
        $digits = $this->commission->currency->digits;

        return $this->clicks === 0 ? null : (string) BigDecimal::ofUnscaledValue($this->commission->minor, $digits)->dividedBy($this->clicks, $digits + self::MORE_DECIMALS, RoundingMode::HALF_UP);
    }
}
