<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** A small mark beside the words, drawn for Paper Kite on a field of 20 by 20. */
enum Icon: string
{
    case None = 'none';
    case Kite = 'kite';
    case Line = 'line';
    case Parcel = 'parcel';
    case Leaf = 'leaf';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Kite => 'a kite',
            self::Line => 'a line that leads on',
            self::Parcel => 'a parcel',
            self::Leaf => 'a leaf',
        };
    }

    /** The d of an SVG path; blank for no mark. */
    public function path(): string
    {
        return match ($this) {
            self::None => '',
            self::Kite => 'M12 1l5 7-6 6-7-4zM11 14c-2 0-1 4-5 4',
            self::Line => 'M2 13c3-6 6-6 8-3s5 2 8-4M14 5l4 1-1 4',
            self::Parcel => 'M3 6h14v11H3zM3 6l2-3h10l2 3M10 3v8',
            self::Leaf => 'M4 16C3 7 9 3 17 3c0 9-4 14-13 13zM4 16l7-7',
        };
    }
}
