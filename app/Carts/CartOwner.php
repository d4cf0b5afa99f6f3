<?php

declare(strict_types=1);

namespace App\Carts;

/** To whom carts belong, whatever proves it. */
final readonly class CartOwner
{
    public function __construct(
        /** SHA-256 of the secret that opens the carts: what the database keeps. */
        public string $digest,
        /** Whether nobody was known before, so that there can't be a cart yet. */
        public bool $isNew,
    ) {}
}
