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
        return "list.sort_{$this->value}";
    }
}
