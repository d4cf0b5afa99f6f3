<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Models\GiftCard;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\GiftCard\CardCode;
use PaperKite\GiftCard\CardState;

/** Gift cards of a shop, by how they stand and by what somebody types: a code, its end, a name, an address, the number of an order. */
final readonly class FilterCards
{
    private const LONGEST = 200;

    public function __construct(private CodeKey $codeKey) {}

    /** @return Builder<GiftCard> */
    public function of(Shop $shop, string $typed, ?CardState $state = null): Builder
    {
        $cards = GiftCard::query()->where('gift_cards.shop_id', $shop->id);
        match ($state) {
            null => null,
            CardState::Void => $cards->whereNotNull('voided_at'),
            CardState::Empty => $cards->whereNull('voided_at')->where('balance_minor', 0),
            CardState::PartlyUsed => $cards->whereNull('voided_at')->where('balance_minor', '>', 0)->whereColumn('balance_minor', '<', 'value_minor'),
            CardState::Unused => $cards->whereNull('voided_at')->whereColumn('balance_minor', 'value_minor'),
        };
        $text = mb_substr(trim(mb_scrub($typed, 'UTF-8')), 0, self::LONGEST);
        if ($text !== '') {
            $this->narrow($cards, $text);
        }

        return $cards;
    }

    /** @param  Builder<GiftCard>  $cards */
    private function narrow(Builder $cards, string $text): void
    {
        $code = CardCode::read($text);
        $like = '%'.addcslashes($text, '%_\\').'%';
        $cards->where(function (Builder $any) use ($text, $code, $like): void {
            $any->where('to_name', 'like', $like)->orWhere('to_email', 'like', $like);
            if (preg_match('/\A[0-9A-Za-z]{4}\z/', $text) === 1) {
                $any->orWhere('tail', strtoupper($text));
            }
            if ($code !== null) {
                $any->orWhere('digest', $this->codeKey->of($code));
            }
            $any->orWhereHas('line.order', static fn (Builder $order) => $order->where(ctype_digit($text) ? ['number' => (int) $text] : [['email', 'like', $like]]));
        });
    }
}
