<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

/** In which order the shop lists its goods. */
enum GoodsSort: string
{
    case Name = 'name';
    case Newest = 'new';
    case Cheapest = 'low';
    case Dearest = 'high';

    /** @return string the key of the phrase that names it */
    public function phrase(): string
    {
        return match ($this) {
            self::Name => 'list.sort_name',
            self::Newest => 'list.sort_new',
            self::Cheapest => 'list.sort_low',
            self::Dearest => 'list.sort_high',
        };
    }
}
