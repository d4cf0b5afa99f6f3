<?php

declare(strict_types=1);

namespace PaperKite\Look;

enum Shadow: string
{
    case None = 'none';
    case Soft = 'soft';
    case Edge = 'edge';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Soft => 'soft',
            self::Edge => 'an edge below',
        };
    }

    /** The value of CSS's box-shadow. */
    public function css(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Soft => '0 2px 8px rgba(24,34,45,.28)',
            self::Edge => '0 3px 0 rgba(24,34,45,.45)',
        };
    }
}
