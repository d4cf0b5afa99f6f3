<?php

declare(strict_types=1);

namespace PaperKite\Look;

enum Side: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';

    public function label(): string
    {
        return match ($this) {
            self::Start => 'at the start',
            self::Middle => 'in the middle',
            self::End => 'at the end',
        };
    }

    /** The value of CSS's text-align, which knows the direction of the text. */
    public function css(): string
    {
        return match ($this) {
            self::Start => 'start',
            self::Middle => 'center',
            self::End => 'end',
        };
    }
}
