<?php

declare(strict_types=1);

namespace PaperKite\Partner;

enum Scheme: string
{
    case Https = 'https';
    case Http = 'http';

    public function port(): int
    {
        return match ($this) {
            self::Https => 443,
            self::Http => 80,
        };
    }
}
