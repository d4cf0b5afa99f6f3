<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use Illuminate\Http\Request;

/** What the forms of cart and checkout send about lines: `quantity[line]`, and `remove` from the button of a line. */
final readonly class CartForm
{
    /** @param  array<int, string>  $quantities as typed, by line */
    private function __construct(
        public array $quantities,
        public ?int $remove,
    ) {}

    public static function of(Request $request): self
    {
        $quantities = [];
        foreach ((array) $request->input('quantity', []) as $line => $typed) {
            if (is_int($line) && is_string($typed)) {
                $quantities[$line] = $typed;
            }
        }
        $remove = $request->input('remove');

        return new self($quantities, is_string($remove) && ctype_digit($remove) ? (int) $remove : null);
    }
}
