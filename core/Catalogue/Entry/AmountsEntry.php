<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use PaperKite\Catalogue\AmountLimits;
use PaperKite\Money\Money;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** What a shopper may give, as a form holds it: `least`, `most`, and `suggested`, amounts with commas or spaces between them. */
final readonly class AmountsEntry
{
    private const MOST_SUGGESTED = 6;

    private function __construct(
        public AmountLimits $limits,
        /** @var list<Money> in their order */
        public array $suggested,
    ) {}

    public static function read(FormInput $typed, PriceEntry $prices, ?Money $usual, FieldErrors $wrong): self
    {
        $limits = new AmountLimits($prices->amount($typed, 'least'), $prices->amount($typed, 'most'));
        if ($limits->min !== null && $limits->max !== null && $limits->max->isLessThan($limits->min)) {
            $wrong->add($typed->path('most'), "The largest amount is below the least, {$limits->min->shown()}; enter more.");
        } elseif ($usual !== null && $limits->objection($usual) !== null) {
            $wrong->add($typed->path('price'), 'The usual amount is outside the limits below; enter one between them.');
        }

        return new self($limits, self::suggested($typed, $limits, $prices, $wrong));
    }

    /** @return list<Money> */
    private static function suggested(FormInput $typed, AmountLimits $limits, PriceEntry $prices, FieldErrors $wrong): array
    {
        $texts = $typed->decimals('suggested');
        if (count($texts) > self::MOST_SUGGESTED) {
            $wrong->add($typed->path('suggested'), 'Suggest '.self::MOST_SUGGESTED.' amounts at most.');
        }
        $amounts = [];
        foreach (array_slice($texts, 0, self::MOST_SUGGESTED) as $text) {
            $amount = $prices->amount(FormInput::of(['suggested' => $text]), 'suggested');
            if ($amount !== null && $limits->objection($amount) !== null) {
                $wrong->add($typed->path('suggested'), "{$amount->shown()} is outside the limits; suggest what can be given.");
            }
            $amounts = $amount === null ? $amounts : [...$amounts, $amount];
        }

        return $amounts;
    }
}
