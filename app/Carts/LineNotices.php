<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use PaperKite\Catalogue\Availability;
use PaperKite\Quote\Receipt;

/** What has changed about the goods since the shopper last looked, said at the line, with the new amount. */
final readonly class LineNotices
{
    /**
     * Compares with what was seen, and remembers what is shown now.
     *
     * @return array<int, string> a sentence by line
     */
    public function of(Cart $cart, ?Receipt $receipt): array
    {
        if ($receipt === null) {
            return [];
        }
        $notices = [];
        $seen = [];
        foreach ($cart->lines->values() as $i => $line) {
            $unit = $receipt->lines[$i]->unit->today;
            if ($line->seen_unit_minor !== null && $line->seen_unit_minor !== $unit->minor) {
                $notices[$line->id] = "The price has changed from {$line->product->money($line->seen_unit_minor)->shown()} to {$unit->shown()} since you last looked.";
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
    public static function stock(Cart $cart): array
    {
        $notices = [];
        foreach ($cart->lines as $line) {
            $notice = match ($line->toCore()->availability()) {
                Availability::ForSale => null,
                Availability::Draft => 'This is not sold any longer; remove it to go on.',
                Availability::SoldOut => $line->product->isOver($line->variant) ? 'This date has passed; remove it to go on.' : 'This has sold out; remove it to go on.',
                Availability::TooFew => "Only {$line->product->stockFor($line->variant)->pieces} left; take fewer to go on.",
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
