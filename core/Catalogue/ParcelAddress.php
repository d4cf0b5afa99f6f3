<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** Whether whoever buys a product is asked where it goes. */
enum ParcelAddress: string
{
    case Required = 'required';
    case Optional = 'optional';
    case NotAsked = 'not_asked';

    public function label(): string
    {
        return match ($this) {
            self::Required => 'must be given',
            self::Optional => 'if the shopper likes',
            self::NotAsked => 'not asked',
        };
    }
}
