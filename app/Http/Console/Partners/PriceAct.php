<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

/** What a seller does about prices that have changed. */
enum PriceAct: string
{
    case TakeOver = 'take_over';
    case Hide = 'hide';
    case LookAgain = 'look_again';

    public function label(): string
    {
        return match ($this) {
            self::TakeOver => 'Show the new price',
            self::Hide => 'Show no price',
            self::LookAgain => 'Look again now',
        };
    }
}
