<?php

declare(strict_types=1);

namespace App\Models;

/** For whom a gift card is, as it stood when the payment was opened. */
final readonly class FrozenGift
{
    public function __construct(
        public string $name,
        public string $email,
        public string $message,
        /** ISO 8601; `null`: at once. */
        public ?string $day,
    ) {}
}
