<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\FrozenGift;
use App\Models\Shop;
use PaperKite\Checkout\Attendees;
use PaperKite\GiftCard\GiftEntry;
use PaperKite\Time\Day;

/** What the checkout asks of single lines: who comes, and for whom a gift card is. */
final class AskedOfLines
{
    /**
     * @param  Day  $today  in the shop
     * @return array<int, string> by line, what is wrong with the answers
     */
    public static function objections(Shop $shop, Cart $cart, Day $today): array
    {
        $say = $shop->wording();
        $objections = [];
        foreach ($cart->lines as $line) {
            /** @var CartLine $line */
            $wrong = array_map(static fn (FrozenGift $gift): ?string => array_values(GiftEntry::read(['name' => $gift->name, 'email' => $gift->email, 'message' => $gift->message, 'day' => $gift->day ?? ''], $today, $say)->errors)[0] ?? null, $line->gifts());
            $objections[$line->id] = Attendees::objection($line->attendees(), $say) ?? array_values(array_filter($wrong, is_string(...)))[0] ?? null;
        }

        return array_filter($objections, is_string(...));
    }
}
