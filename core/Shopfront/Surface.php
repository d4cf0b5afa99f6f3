<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

/** Where a product stands in the shopfront with buttons beside it. */
enum Surface: string
{
    case List = 'list';
    case Product = 'product';
    case Glance = 'glance';

    public function label(): string
    {
        return match ($this) {
            self::List => 'In the list',
            self::Product => 'On the product page',
            self::Glance => 'In the glance',
        };
    }
}
