<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use PaperKite\Catalogue\Availability;
use PaperKite\Quote\Receipt;
use PaperKite\Words\Wording;

/** What has changed about the goods since the shopper last looked, said at the line, with the new amount. */
final readonly class LineNotices
{
    /**
     * Compares with what was seen, and remembers what is shown now.
     *
     * @return array<int, string> a sentence by line
     */
    public function of(Cart $cart, ?Receipt $receipt, Wording $say): array
    {
        if ($receipt === null) {
            return [];
        }
        $notices = [];
        $seen = [];
        foreach ($cart->lines->values() as $i => $line) {
            $unit = $receipt->lines[$i]->unit->today;
            if ($line->seen_unit_minor !== null && $line->seen_unit_minor !== $unit->minor) {
                $notices[$line->id] = $say->say('line.price_changed', before: $line->product->money($line->seen_unit_minor), now: $unit);
            }
            if ($line->seen_unit_minor !== $unit->minor) {
                $seen[$line->id] = $unit->minor;
            }
        }
        $this->remember($seen);

        return $notices;
    }

    /** @param  array<int, int>  $seen  minor units by line */
    private function remember(array $seen): void
    {
        foreach (array_unique($seen) as $minor) {
            CartLine::query()->whereKey(array_keys($seen, $minor, true))->update(['seen_unit_minor' => $minor]);
        }
    }

    /** @return array<int, string> for each line that can't be sold as it stands, what to do */
    public static function stock(Cart $cart, Wording $say): array
    {
        $notices = [];
        foreach ($cart->lines as $line) {
            $notice = match ($line->toCore()->availability()) {
                Availability::ForSale => null,
                Availability::Draft => $say->say('line.not_sold'),
                Availability::SoldOut => $line->product->isOver($line->variant) ? $say->say('line.date_passed') : $say->say('line.sold_out'),
                Availability::TooFew => $say->say('line.too_few', count: $line->product->stockFor($line->variant)->pieces ?? 0),
            };
            if ($notice !== null) {
                $notices[$line->id] = $notice;
            }
        }

        return $notices;
    }

    public static function covers(CartLine $line): bool
    {
        return $line->toCore()->availability() === Availability::ForSale;
    }
}
