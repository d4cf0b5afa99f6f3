<?php

declare(strict_types=1);

namespace Standins\pay;

enum Delivery: string
{
    case First = 'first';
    case Late = 'late';
    case Twice = 'twice';
    case Forged = 'forged';
    case Altered = 'altered';
    case Never = 'never';

    public function label(): string
    {
        return match ($this) {
            self::First => 'Before you are back there',
            self::Late => 'Late, after 15 seconds',
            self::Twice => 'Twice',
            self::Forged => 'From a forger: the signature is wrong',
            self::Altered => 'Signed, but with another amount',
            self::Never => 'Never: it is lost on the way',
        };
    }
}
