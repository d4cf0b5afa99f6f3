<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Who wrote the words of a button, the most specific first. */
enum WordSource: string
{
    case Placement = 'placement';
    case Offer = 'offer';
    case Surface = 'surface';
    case Shop = 'shop';
    case BuiltIn = 'built_in';

    public function words(): string
    {
        return match ($this) {
            self::Placement => 'as this place says',
            self::Offer => 'as this offer says',
            self::Surface => 'as said for this page of the shop',
            self::Shop => 'as the shop says everywhere',
            self::BuiltIn => 'as built in',
        };
    }
}
