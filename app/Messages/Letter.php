<?php

declare(strict_types=1);

namespace App\Messages;

final readonly class Letter
{
    public function __construct(
        public string $subject,
        public string $text,
    ) {}
}
