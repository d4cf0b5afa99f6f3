<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

final readonly class GiftCard
{
    public function __construct(
        public string $code,
        public Money $balance,
    ) {}

    /**
     * Rule 8: cards pay in their order; the rest stays on them.
     *
     * @param  list<self>  $cards
     * @return list<Money> what each pays of the amount
     */
    public static function payments(array $cards, Money $due): array
    {
        $payments = [];
        foreach ($cards as $card) {
            $pays = $card->balance->smallerOf($due);
            $due = $due->minus($pays);
            $payments[] = $pays;
        }

        return $payments;
    }
}
