<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

/** What becomes of a partner's price that nobody has seen for some days. */
enum StalePrice: string
{
    case Hide = 'hide';
    case Mark = 'mark';

    public function label(): string
    {
        return match ($this) {
            self::Hide => 'Hide it',
            self::Mark => 'Show it, marked as old',
        };
    }
}
