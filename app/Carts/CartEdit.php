<?php

declare(strict_types=1);

namespace App\Carts;

final readonly class CartEdit
{
    /** @param  array<int, string>  $errors a sentence by line */
    public function __construct(
        public bool $hasChanged,
        public array $errors,
    ) {}
}
