<?php

declare(strict_types=1);

namespace PaperKite\Look;

enum Width: string
{
    case Own = 'own';
    case Percent = 'percent';
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::Own => 'as its words need',
            self::Percent => 'part of the page',
            self::Full => 'all of the page',
        };
    }
}
