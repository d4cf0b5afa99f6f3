<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Catalogue\Instalments;
use PaperKite\Catalogue\Plan;
use PaperKite\Catalogue\Price;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Time\Interval;
use PaperKite\Time\IntervalUnit;

/** Reads `plans` and `instalments` of a product. */
final readonly class PlansReader
{
    /** Of the unit of an interval: far from where dates end. */
    private const MOST_INTERVALS = 10_000;

    public function __construct(private PriceReader $prices) {}

    /** @return list<Plan> */
    public function plans(ObjectNode $product): array
    {
        $plans = [];
        foreach ($product->items('plans') as $node) {
            $entry = $node->object(['code', 'price', 'every', 'unit'], ['sale', 'sign_up', 'trial_days', 'payments']);
            if ($entry === null) {
                continue;
            }
            $code = $entry->at('code')?->sku()?->text;
            if ($code !== null && in_array($code, array_column($plans, 'code'), true)) {
                $entry->at('code')?->refuse("There is a plan “{$code}” already.");
            }
            $price = $this->prices->price($entry);
            $every = $entry->at('every')?->integer(1, self::MOST_INTERVALS);
            $unit = $entry->at('unit')?->oneOf(IntervalUnit::class);
            $signUp = $this->prices->amount($entry->at('sign_up'));
            $trial = $entry->at('trial_days')?->integer(1);
            $payments = $entry->at('payments')?->integer(1, 600);
            if ($code !== null) {
                $plans[] = new Plan($code, $price ?? new Price(Money::zero(Currency::of('EUR'))), new Interval($every ?? 1, $unit ?? IntervalUnit::Month), $signUp, $trial, $payments);
            }
        }

        return $plans;
    }

    public function instalments(?Node $node): ?Instalments
    {
        $entry = $node?->object(['payments'], ['deposit', 'every', 'unit']);
        if ($entry === null) {
            return null;
        }
        $payments = $entry->at('payments')?->integer($entry->at('deposit') === null ? 2 : 1, 60);
        $deposit = $this->prices->amount($entry->at('deposit'));
        if ($deposit?->isZero() === true) {
            $entry->at('deposit')?->refuse('A deposit is more than 0; leave it out where there is none.');
        }
        $every = $entry->at('every')?->integer(1, self::MOST_INTERVALS);
        $unit = $entry->at('unit')?->oneOf(IntervalUnit::class);

        return new Instalments($payments ?? 2, $deposit, new Interval($every ?? 1, $unit ?? IntervalUnit::Month));
    }
}
