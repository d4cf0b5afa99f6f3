<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** What a shipping table goes by. */
enum ShippingMeasure: string
{
    case Total = 'total';
    case Weight = 'weight';
    case Quantity = 'quantity';

    /** @param  list<Parcel>  $parcels
     * @return int minor units, grams or pieces
     */
    public function of(array $parcels): int
    {
        return array_sum(array_map(fn (Parcel $parcel): int => match ($this) {
            self::Total => $parcel->value->minor,
            self::Weight => $parcel->pick->weight(),
            self::Quantity => $parcel->pick->quantity->pieces,
        }, $parcels));
    }
}
