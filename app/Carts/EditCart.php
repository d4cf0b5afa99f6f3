<?php

declare(strict_types=1);

namespace App\Carts;

use App\Database\InTransaction;
use App\Models\Cart;
use App\Models\CartLine;
use App\Time\Clock;
use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Quantity;
use PaperKite\Checkout\Attendees;
use PaperKite\GiftCard\GiftEntry;

/** Changes quantities and removes lines, as the forms of cart and checkout ask. */
final readonly class EditCart
{
    /** Columns of a line that another one has for itself, or that the database works out. */
    private const OWN = ['id' => 0, 'cart_id' => 0, 'pick_key' => 0, 'handed_to' => 0, 'handed_pieces' => 0];

    public function __construct(
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  int|null  $remove  the line to take out
     * @param  array<int, array<int, string>>  $attendees  as typed, by line and seat
     * @param  array<int, array<int, array<string, string>>>  $gifts  as typed, by line, piece and field
     */
    public function __invoke(Cart $cart, array $quantities, ?int $remove, array $attendees = [], array $gifts = []): CartEdit
    {
        return ($this->inTransaction)(function () use ($cart, $quantities, $remove, $attendees, $gifts): CartEdit {
            $cart = Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail();
            /** @var array<int, string> $errors */
            $errors = [];
            $hasChanged = false;
            $taken = [];
            foreach ($cart->lines as $line) {
                $this->name($line, $attendees[$line->id] ?? []);
                $this->giveTo($line, $gifts[$line->id] ?? []);
                try {
                    $hasChanged = $this->change($line, $quantities[$line->id] ?? null, $remove === $line->id) || $hasChanged;
                    if (! $line->exists) {
                        $taken[] = ['name' => $line->toCore()->name(), 'row' => array_diff_key($line->getRawOriginal(), self::OWN)];
                    }
                } catch (InvalidQuantity $invalid) {
                    $errors[$line->id] = $cart->shop->wording()->refusal($invalid);
                }
            }
            $cart->update(['second_step_at' => $this->clock->now()] + ($hasChanged ? ['taken_out' => $taken === [] ? null : $taken] : []));

            return new CartEdit($hasChanged, $errors);
        });
    }

    /**
     * Who comes is kept as it is typed, those too for whom there is no seat any more: with more seats they are there again.
     *
     * @param  array<int, string>  $names  by seat
     */
    private function name(CartLine $line, array $names): void
    {
        $kept = $line->attendees ?? [];
        foreach ($names as $seat => $name) {
            if ($seat >= 0 && $seat < $line->quantity) {
                $kept = array_pad($kept, $seat + 1, '');
                $kept[$seat] = mb_substr(mb_scrub($name, 'UTF-8'), 0, 2 * Attendees::LONGEST_NAME);
            }
        }
        if (array_values($kept) !== ($line->attendees ?? [])) {
            $line->update(['attendees' => array_values($kept)]);
        }
    }

    /**
     * For whom each card is, as it is typed.
     *
     * @param  array<int, array<string, string>>  $gifts  by piece and field
     */
    private function giveTo(CartLine $line, array $gifts): void
    {
        $kept = $line->gifts ?? [];
        foreach ($gifts as $piece => $typed) {
            if ($piece >= 0 && $piece < $line->quantity) {
                $kept = array_pad($kept, $piece + 1, []);
                $kept[$piece] = array_map(static fn (string $text): string => mb_substr(mb_scrub($text, 'UTF-8'), 0, GiftEntry::LONGEST), array_intersect_key($typed, array_flip(GiftEntry::FIELDS)));
            }
        }
        if (array_values($kept) !== ($line->gifts ?? [])) {
            $line->update(['gifts' => array_values($kept)]);
        }
    }

    /**
     * @return bool whether the line is another now
     *
     * @throws InvalidQuantity
     */
    private function change(CartLine $line, ?string $typed, bool $isRemoved): bool
    {
        if ($isRemoved || $typed === '0') {
            $this->takeBack($line, 0);
            $line->delete();

            return true;
        }
        $quantity = $typed === null ? $line->quantity : Quantity::fromEntry($typed)->pieces;
        $hasChanged = $quantity !== $line->quantity;
        if ($hasChanged) {
            $this->takeBack($line, $quantity);
            $line->update(['quantity' => $quantity]);
        }

        return $hasChanged;
    }

    /**
     * What the cart of a page has handed over to one of the shop, and then has less of, is less there too: what is paid is what
     * the page has shown.
     */
    private function takeBack(CartLine $line, int $left): void
    {
        $tooMany = $line->handed_pieces - $left;
        if ($line->handed_to === null || $tooMany <= 0) {
            return;
        }
        $there = CartLine::query()->where(['cart_id' => $line->handed_to, 'pick_key' => $line->pick_key])->lockForUpdate()->first();
        if ($there !== null) {
            $there->quantity > $tooMany ? $there->update(['quantity' => $there->quantity - $tooMany]) : $there->delete();
        }
        $line->update(['handed_pieces' => $left]);
    }
}
