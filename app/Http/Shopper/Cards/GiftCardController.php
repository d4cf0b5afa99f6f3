<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cards;

use App\GiftCards\FindCard;
use App\GiftCards\TooManyTries;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\CardShowing;
use App\Models\GiftCard;
use App\Models\Look;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\GiftCard\CardCode;
use PaperKite\Medium\LookSheet;

/** What is on a gift card, for whoever has its code; and the card itself, to be read or printed, for whoever has its address. */
final readonly class GiftCardController
{
    public function __construct(
        private FindCard $find,
        private ReadCaller $caller,
        private Clock $clock,
    ) {}

    public function ask(Shop $shop): Response
    {
        return $this->balance($shop, '', null, null, 200);
    }

    public function show(Request $request, Shop $shop): Response
    {
        $typed = Input::text($request, 'card');
        try {
            $card = ($this->find)($shop, $typed, null, ($this->caller)($request)->address);
        } catch (TooManyTries) {
            return $this->balance($shop, $typed, null, $shop->wording()->say('refused.codes'), 429);
        }

        return $card === null
            ? $this->balance($shop, $typed, null, $shop->wording()->say('refused.gift_card'), 422)
            : $this->balance($shop, '', $card, null, 200);
    }

    public function card(Request $request, Shop $shop, string $secret): Response
    {
        $card = $this->find->byPage($shop, $secret) ?? abort(404);
        if ($card->code !== null) {
            $card->showings()->create(['person_id' => null, 'how' => CardShowing::PAGE, 'at' => $this->clock->now()]);
        }

        return self::page($shop, $card, Input::text($request, 'look'));
    }

    /** @param  string  $look  id of the one that it wears; any other text: the shop’s first */
    public static function page(Shop $shop, GiftCard $card, string $look): Response
    {
        $looks = $shop->looks()->whereNull('put_away_at')->orderBy('name')->get();
        $worn = $looks->first(static fn (Look $one): bool => (string) $one->id === $look) ?? $looks->first();

        return response()->view('shop.gift', [
            'shop' => $shop,
            'card' => $card,
            'code' => $card->code === null ? null : CardCode::read($card->code)?->shown(),
            'looks' => $looks,
            'worn' => $worn?->id,
            'css' => $worn === null ? '' : (new LookSheet($worn->values, '.gift-worth'))->onLight(),
        ], 200, ['X-Robots-Tag' => 'noindex']);
    }

    private function balance(Shop $shop, string $typed, ?GiftCard $card, ?string $error, int $status): Response
    {
        return response()->view('shop.balance', ['shop' => $shop, 'typed' => mb_scrub($typed, 'UTF-8'), 'card' => $card, 'error' => $error], $status);
    }
}
