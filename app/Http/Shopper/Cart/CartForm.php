<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use Illuminate\Http\Request;

/** What the forms of cart and checkout send about lines: `quantity[line]`, `attendee[line][seat]`, `gift[line][piece][field]`, and `remove` from the button of a line. */
final readonly class CartForm
{
    /**
     * @param  array<int, string>  $quantities as typed, by line
     * @param  array<int, array<int, string>>  $attendees as typed, by line and seat
     * @param  array<int, array<int, array<string, string>>>  $gifts as typed, by line, piece and field
     */
    private function __construct(
        public array $quantities,
        public ?int $remove,
        public array $attendees,
        public array $gifts,
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

        return new self($quantities, is_string($remove) && ctype_digit($remove) ? (int) $remove : null, self::attendees($request), self::gifts($request));
    }

    /** @return array<int, array<int, array<string, string>>> */
    private static function gifts(Request $request): array
    {
        $gifts = [];
        foreach ((array) $request->input('gift', []) as $line => $pieces) {
            foreach ((array) $pieces as $piece => $typed) {
                if (is_int($line) && is_int($piece)) {
                    $gifts[$line][$piece] = array_filter((array) $typed, static fn (mixed $text, mixed $field): bool => is_string($text) && is_string($field), ARRAY_FILTER_USE_BOTH);
                }
            }
        }

        return $gifts;
    }

    /** @return array<int, array<int, string>> */
    private static function attendees(Request $request): array
    {
        $attendees = [];
        foreach ((array) $request->input('attendee', []) as $line => $names) {
            if (is_int($line) && is_array($names)) {
                $attendees[$line] = array_filter($names, static fn (mixed $name, mixed $seat): bool => is_string($name) && is_int($seat), ARRAY_FILTER_USE_BOTH);
            }
        }

        return $attendees;
    }
}
