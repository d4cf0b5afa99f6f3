<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\PartnerAddress;
use PaperKite\Money\Money;
use PaperKite\Partner\Commission\Conversion;
use PaperKite\Partner\Commission\Expected;
use PaperKite\Partner\Commission\Rate;
use PaperKite\Partner\PartnerRules;
use PaperKite\Time\Day;

/** What an item should bring: at its present price, the rate of the day, and as many buyers as its history or its seller says. */
final readonly class Outlook
{
    private function __construct(
        /** What its page said last, else what the shop shows; `null`: none is known. */
        public ?Money $price,
        public ?Rate $rate,
        public Conversion $conversion,
        /** `null` where price or rate is missing. */
        public ?Expected $expected,
    ) {}

    /** @param  PartnerAddress  $address  of an item, with its marketplace and the rates of that */
    public static function of(PartnerAddress $address, SalesRecord $record, PartnerRules $rules, Day $today): self
    {
        $price = $address->watched()->found ?? $address->price();
        $rate = $address->marketplace->commission()->on($address->category, $today);
        $conversion = Conversion::of($record->clicks, $record->sales, (float) $rules->conversion->text / 100);

        return new self($price, $rate, $conversion, $price === null || $rate === null ? null : Expected::of($price, $rate, $record->clicks, $conversion));
    }
}
