<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

use DateTimeZone;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Sale;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

/** A price and the sale beside it, as a form holds them: `price`, `sale_price`, `sale_from`, `sale_until`. */
final readonly class PriceEntry
{
    public function __construct(
        private Currency $currency,
        private DateTimeZone $zone,
        private FieldErrors $wrong,
    ) {}

    /** @return Price|null `null` where it is wrong, which has been noted */
    public function required(FormInput $typed): ?Price
    {
        $regular = $this->wrong->at($typed->path('price'), fn (): Money => Money::fromEntry($typed->decimal('price'), $this->currency));

        return $regular === null ? null : new Price($regular, $this->sale($typed, $regular));
    }

    /**
     * Of what has no price here: one that was typed is kept.
     *
     * @return Price|null `null` where it is wrong, which has been noted
     */
    public function orNothing(FormInput $typed): ?Price
    {
        return trim($typed->text('price')) === '' ? new Price(Money::ofMinor(0, $this->currency)) : $this->required($typed);
    }

    /** @return Money|null `null` where the field is blank, or wrong, which has been noted */
    public function amount(FormInput $typed, string $key): ?Money
    {
        return trim($typed->text($key)) === '' ? null : $this->wrong->at($typed->path($key), fn (): Money => Money::fromEntry($typed->decimal($key), $this->currency));
    }

    private function sale(FormInput $typed, Money $regular): ?Sale
    {
        $price = $this->amount($typed, 'sale_price');
        if ($price === null) {
            return null;
        }
        if ($regular->isLessThan($price)) {
            $this->wrong->add($typed->path('sale_price'), "The sale price is above the price of {$regular->shown()}; enter less.");
        }
        $from = $this->moment($typed, 'sale_from');
        $until = $this->moment($typed, 'sale_until');
        if ($from !== null && $until !== null && ! $from->isBefore($until)) {
            $this->wrong->add($typed->path('sale_until'), 'The sale ends before it begins; move one of the two.');
        }

        return new Sale($price, $from, $until);
    }

    private function moment(FormInput $typed, string $key): ?Moment
    {
        return trim($typed->text($key)) === '' ? null : $this->wrong->at($typed->path($key), fn (): Moment => LocalTime::read($typed->text($key), $this->zone));
    }
}
