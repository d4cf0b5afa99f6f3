<?php

declare(strict_types=1);

namespace App\Models;

/** What a gift card is to pay of a checkout. */
final readonly class FrozenCard
{
    public function __construct(
        public int $id,
        public int $minor,
    ) {}
}
