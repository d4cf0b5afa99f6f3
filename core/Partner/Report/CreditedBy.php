<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** How a sale was found to be a place's. */
enum CreditedBy: string
{
    case SubId = 'sub_id';
    case ItemAndTime = 'item';
    case Unsure = 'unsure';
    case Nothing = 'nothing';

    public function label(): string
    {
        return match ($this) {
            self::SubId => 'By sub-ID',
            self::ItemAndTime => 'By item and time',
            self::Unsure => 'Unsure: most clicks',
            self::Nothing => 'Not credited',
        };
    }
}
