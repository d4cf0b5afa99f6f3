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

    /** @return string|null the file that most of its letters are in, below the fonts' packages; `null` where none is loaded */
    public function file(): ?string
    {
        return match ($this) {
            self::Humanist => 'rosario/files/rosario-latin-wght-normal.woff2',
            self::Serif => 'literata/files/literata-latin-wght-normal.woff2',
            self::Round => 'nunito/files/nunito-latin-wght-normal.woff2',
            self::Own => null,
        };
    }

    /** The value of CSS's font-family. */
    public function css(): string
    {
        return match ($this) {
            self::Humanist => "'Shop Clear',system-ui,sans-serif",
            self::Serif => "'Shop Serif',Georgia,serif",
            self::Round => "'Shop Round',ui-rounded,system-ui,sans-serif",
            self::Own => 'system-ui,sans-serif',
        };
    }
}
