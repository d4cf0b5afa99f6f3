<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** Which purchases after a click a marketplace counts as the seller's sale. */
enum Counting: string
{
    case AnyGoods = 'any';
    case SameItem = 'item';
    case SameCategory = 'category';

    public function words(): string
    {
        return match ($this) {
            self::AnyGoods => 'whatever is bought',
            self::SameItem => 'the same item',
            self::SameCategory => 'goods of the same category',
        };
    }
}
