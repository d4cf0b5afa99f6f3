<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** Why a sale could not be credited to a place. */
enum Uncredited: string
{
    case UnknownSubId = 'unknown_sub_id';
    case OtherItem = 'other_item';
    case OtherCategory = 'other_category';
    case NoCategory = 'no_category';
    case UnknownItem = 'unknown_item';
    case NoClick = 'no_click';
    case Tie = 'tie';

    public function sentence(): string
    {
        return match ($this) {
            self::UnknownSubId => 'Its sub-ID is of no place here: it came by a link that Paper Kite did not make.',
            self::OtherItem => 'It is another item than the one that was clicked, and this marketplace counts the same item only.',
            self::OtherCategory => 'It is of another category than what was clicked, and this marketplace counts the same category only.',
            self::NoCategory => 'The report does not say its category, and this marketplace counts the same category only.',
            self::UnknownItem => 'You have no product with this item, and this marketplace counts the same item only.',
            self::NoClick => 'Nobody clicked within the time in which the marketplace counts a sale.',
            self::Tie => 'Two places have as many clicks; it could be of either.',
        };
    }
}
