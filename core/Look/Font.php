<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** What a button is set in: families that are on the reader's machine already, since a copy loads nothing. */
enum Font: string
{
    case Host = 'host';
    case Plain = 'plain';
    case Round = 'round';
    case Serif = 'serif';
    case Mono = 'mono';

    public function label(): string
    {
        return match ($this) {
            self::Host => 'as the page',
            self::Plain => 'plain',
            self::Round => 'round',
            self::Serif => 'with serifs',
            self::Mono => 'even width',
        };
    }

    /** Of a letter, as a part of the font's size, over English text: near enough, since families differ by a tenth. */
    public function meanWidth(bool $isBold): float
    {
        return match (true) {
            $this === self::Mono => 0.6,
            $isBold => 0.56,
            default => 0.5,
        };
    }

    /** The value of CSS's font-family. */
    public function css(): string
    {
        return match ($this) {
            self::Host => 'inherit',
            self::Plain => 'system-ui,sans-serif',
            self::Round => 'ui-rounded,system-ui,sans-serif',
            self::Serif => 'Georgia,serif',
            self::Mono => 'ui-monospace,monospace',
        };
    }
}
