<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\CartLine;
use PaperKite\Quote\Receipt;

/** Writes down what each piece costs on the page that a shopper is shown, so that a change can be said on the next. */
final readonly class RememberSeen
{
    /** @param  Receipt|null  $receipt  `null` where the cart can't be reckoned, and no price is shown */
    public function __invoke(CartContents $contents, ?Receipt $receipt): void
    {
        if ($receipt === null) {
            return;
        }
        $seen = [];
        foreach ($contents->lines as $index => $line) {
            $unit = $receipt->lines[$index]->unit->today->minor;
            if ($line->seenUnitMinor !== $unit) {
                $seen[$unit][] = $line->id;
            }
        }
        foreach ($seen as $minor => $ids) {
            CartLine::query()->whereKey($ids)->update(['seen_unit_minor' => $minor]);
        }
    }
}
