<?php

declare(strict_types=1);

namespace App\Models;

/** What came into a cart from that of a widget. */
final readonly class Joined
{
    /** @param  array<string, int>  $pieces  by `cart_lines.pick_key` */
    public function __construct(
        /** The host of the page; blank where nobody knows. */
        public string $page,
        public array $pieces,
    ) {}
}
