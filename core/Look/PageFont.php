<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** What a shop's own pages are set in: families that ship with Paper Kite, or the reader's own. */
enum PageFont: string
{
    case Humanist = 'humanist';
    case Serif = 'serif';
    case Round = 'round';
    case Own = 'own';

    public function label(): string
    {
        return match ($this) {
            self::Humanist => 'clear',
            self::Serif => 'with serifs',
            self::Round => 'round',
            self::Own => 'as each device has it',
        };
    }

    /** The value of CSS's font-family. */
    public function css(): string
    {
        return match ($this) {
            self::Humanist => "'Rosario Variable',system-ui,sans-serif",
            self::Serif => "'Literata Variable',Georgia,serif",
            self::Round => "'Nunito Variable',ui-rounded,system-ui,sans-serif",
            self::Own => 'system-ui,sans-serif',
        };
    }
}
