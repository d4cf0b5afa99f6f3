<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\GiftCards\Ledger;
use App\Models\FrozenCard;
use App\Models\GiftCard;
use App\Models\Order;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\GiftCard\MovementKind;

/** Takes off gift cards what they pay of an order: they are locked by id before it is written, and debited with it. */
final readonly class PayWithCards
{
    public function __construct(private Ledger $ledger) {}

    /**
     * @param  list<FrozenCard>  $cards
     * @return Collection<int, GiftCard> by id
     *
     * @throws GoodsGone where one of them can’t pay what it was to pay
     */
    public function lock(array $cards): Collection
    {
        if ($cards === []) {
            return new Collection;
        }
        $locked = GiftCard::query()->whereKey(array_map(static fn (FrozenCard $card): int => $card->id, $cards))->orderBy('id')->lockForUpdate()->get()->keyBy('id');
        foreach ($cards as $card) {
            $there = $locked->get($card->id);
            if ($there === null || $there->voided_at !== null || $there->balance_minor < $card->minor) {
                throw GoodsGone::card($card->id);
            }
        }

        return $locked;
    }

    /**
     * @param  list<FrozenCard>  $cards  in the order of their use
     * @param  Collection<int, GiftCard>  $locked  by id
     */
    public function debit(array $cards, Collection $locked, Order $order): void
    {
        foreach ($cards as $card) {
            $this->ledger->move($locked->get($card->id) ?? throw GoodsGone::card($card->id), MovementKind::Redeemed, -$card->minor, $order->id);
        }
    }
}
