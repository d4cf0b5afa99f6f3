<?php

declare(strict_types=1);

namespace PaperKite\Look;

/** Sizes of a button that fit together, for whoever does not want to think in px. */
enum ButtonSize: string
{
    case Small = 'small';
    case Medium = 'medium';
    case Large = 'large';

    public function label(): string
    {
        return $this->value;
    }

    /** @return array{int, int, int} size of the words, space above and below, space at the sides; in px */
    public function lengths(): array
    {
        return match ($this) {
            self::Small => [14, 8, 14],
            self::Medium => [16, 12, 22],
            self::Large => [20, 16, 30],
        };
    }
}
