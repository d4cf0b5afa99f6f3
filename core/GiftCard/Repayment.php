<?php

declare(strict_types=1);

namespace PaperKite\GiftCard;

/** Money that comes back to cards: to the one that was used last first, to each up to what it paid. */
final class Repayment
{
    /**
     * @param  array<int, int>  $paid  in minor units, by the id of the card, in the order of their use; less what came back already
     * @return array<int, int> in minor units, by the id of the card; those that get nothing are not in it
     */
    public static function shares(array $paid, int $minor): array
    {
        $shares = [];
        foreach (array_reverse($paid, true) as $card => $most) {
            $share = min($most, $minor);
            $minor -= $share;
            if ($share > 0) {
                $shares[$card] = $share;
            }
        }

        return $shares;
    }
}
