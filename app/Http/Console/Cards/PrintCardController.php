<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Models\CardShowing;
use App\Models\GiftCard;
use App\Models\Person;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads the seller to a gift card as its holder sees it, to be printed; that it was opened is noted, with by whom. */
final readonly class PrintCardController
{
    public function __construct(private Clock $clock) {}

    public function __invoke(Request $request, Shop $shop, GiftCard $giftCard): RedirectResponse
    {
        $person = $request->user();
        if ($giftCard->isKept()) {
            $giftCard->showings()->create(['person_id' => $person instanceof Person ? $person->id : null, 'how' => CardShowing::PRINTED, 'at' => $this->clock->now()]);
        }

        return new RedirectResponse($shop->base().$giftCard->pagePath());
    }
}
