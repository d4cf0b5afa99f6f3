<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/**
 * Units in which a seller weighs.
 *
 * @see https://www.nist.gov/pml/special-publication-811 an avoirdupois pound is 453.59237 g, an ounce a sixteenth of it
 */
enum WeightUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';

    public function grams(): string
    {
        return match ($this) {
            self::Gram => '1',
            self::Kilogram => '1000',
            self::Ounce => '28.349523125',
            self::Pound => '453.59237',
        };
    }
}
