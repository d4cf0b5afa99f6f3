<?php

declare(strict_types=1);

namespace PaperKite\Partner\Commission;

use PaperKite\Money\CurrencyMismatch;
use PaperKite\Money\Money;

/** What a monthly tool or an advertisement must bring until it has paid for itself. */
final readonly class BreakEven
{
    private function __construct(
        public int $sales,
        /** At the conversion as it is; `null` where nobody buys. */
        public ?int $clicks,
        /** Where conversion is as high as it may be. */
        public ?int $fewest,
        /** Where it is as low as it may be; `null` where it may be nothing. */
        public ?int $most,
    ) {}

    /**
     * @param  Money  $commission  of one sale
     * @return self|null `null` where a sale brings nothing
     *
     * @throws CurrencyMismatch
     */
    public static function of(Money $cost, Money $commission, Conversion $conversion): ?self
    {
        // Asked for its refusal alone: amounts of two currencies can't be held against each other.
        $cost->isLessThan($commission);
        if ($commission->minor <= 0) {
            return null;
        }
        $sales = intdiv($cost->minor + $commission->minor - 1, $commission->minor);
        $clicks = static fn (float $share): ?int => $share <= 0.0 ? null : (int) ceil(round($sales / $share, 6));

        return new self($sales, $clicks($conversion->share), $clicks($conversion->high), $clicks($conversion->low));
    }
}
