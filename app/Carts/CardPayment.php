<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\FrozenCard;
use PaperKite\Money\Money;
use PaperKite\Quote\GiftCard;
use PaperKite\Quote\Receipt;

/** What a gift card pays of a bill. */
final readonly class CardPayment
{
    private function __construct(
        public HeldCard $card,
        public Money $pays,
    ) {}

    /**
     * @param  list<HeldCard>  $cards  in the order of their use
     * @return list<self> as the receipt has reckoned with them
     */
    public static function listOf(array $cards, Receipt $receipt): array
    {
        $pays = GiftCard::payments(array_map(self::toCore(...), $cards), $receipt->total->minus($receipt->instalments));

        return array_map(static fn (HeldCard $card, Money $amount): self => new self($card, $amount), $cards, $pays);
    }

    /**
     * @param  list<self>  $payments
     * @return list<FrozenCard> cards that have nothing to pay are not in it
     */
    public static function frozen(array $payments): array
    {
        $paying = array_filter($payments, static fn (self $payment): bool => ! $payment->pays->isZero());

        return array_values(array_map(static fn (self $payment): FrozenCard => new FrozenCard($payment->card->id, $payment->pays->minor), $paying));
    }

    public static function toCore(HeldCard $card): GiftCard
    {
        return new GiftCard($card->tail, $card->balance);
    }

    public function left(): Money
    {
        return $this->card->balance->minus($this->pays);
    }
}
