<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Clicks\FollowPlacement;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\ShopHosts;
use App\Http\Shopper\Visitor;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Shop;
use App\Shopfront\ShopfrontGoods;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\OfferState;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Pages for a placement that can't be followed now: each says what is so, and what else there is. */
final readonly class PlacementNotices
{
    public function __construct(
        private FollowPlacement $follow,
        private ShopHosts $hosts,
        private ReadCaller $caller,
        private ShopfrontGoods $goods,
    ) {}

    /** @return Response|null `null` where the offer is there, or will be again; nothing is counted */
    public function ended(Placement $placement): ?Response
    {
        // A click asks for the shop's own words only where there is something to say.
        $say = static fn (string $key): string => $placement->shop->wording()->say($key);

        return match (true) {
            $placement->deleted_at !== null => $this->page($placement->shop, 410, $say('notice.ended'), $say('notice.ended_what')),
            $placement->offer->state === OfferState::Draft => $this->page($placement->shop, 404, $say('notice.draft'), $say('notice.draft_what')),
            $placement->offer->state === OfferState::Archived => $this->page($placement->shop, 410, $say('notice.ended'), $say('notice.ended_what')),
            default => null,
        };
    }

    /** @return Response|null `null` where the offer can be had */
    public function obstacle(Placement $placement, Request $request): ?Response
    {
        $offer = $placement->offer;
        $say = static fn (string $key): string => $placement->shop->wording()->say($key);

        return $this->ended($placement) ?? match (true) {
            ! $offer->leadsOut() && ! $placement->shop->isReady() => $this->notOpen($placement, $request),
            default => match ($state = $placement->state($offer)) {
                ButtonState::NotAvailable => $this->resting($placement, $request, $state, $say($placement->isPaused($offer) ? 'notice.paused' : 'notice.off_sale')),
                ButtonState::SoldOut => $this->resting($placement, $request, $state, $this->soldOut($placement)),
                default => null,
            },
        };
    }

    /** @return Response|null `null` where what it shows can be seen */
    public function restingDisplay(DisplayPlacement $display): ?Response
    {
        $say = $display->shop->wording();

        return match (true) {
            $display->deleted_at !== null => $this->page($display->shop, 410, $say->say('notice.ended'), $say->say('notice.ended_what')),
            $display->paused_at !== null => $this->page($display->shop, 200, $display->name(), $say->say('notice.paused')),
            default => null,
        };
    }

    public function unknown(Request $request): Answer
    {
        $shop = $this->hosts->shopAt($request->getHost()) ?? $this->hosts->stillServedAt($request, false);

        return $shop === null ? $this->hosts->movedAnswer($request) ?? abort(404) : $this->nothing($shop);
    }

    public function used(Shop $shop): Response
    {
        return $this->page($shop, 410, $shop->wording()->say('notice.used'), $shop->wording()->say('notice.used_what'));
    }

    public function tooManyCarts(Shop $shop): Response
    {
        return $this->page($shop, 200, $shop->wording()->say('notice.moment'), $shop->wording()->say('notice.moment_what'));
    }

    /** @param  string  $name  of what the click was about; blank where it was a page */
    public function nowhere(Shop $shop, string $name): Response
    {
        // Of its words, a click reads little.
        $say = $shop->refresh()->wording();

        return $this->page($shop, 200, $say->say('notice.nowhere'), $name === '' ? $say->say('notice.nowhere_page') : $say->say('notice.nowhere_what', name: $name));
    }

    private function nothing(Shop $shop): Response
    {
        return $this->page($shop, 404, $shop->wording()->say('notice.nothing_sold'), $shop->wording()->say('notice.nothing_sold_what'));
    }

    private function resting(Placement $placement, Request $request, ButtonState $state, string $text): Response
    {
        $this->follow->countOnly($placement, Visitor::of($request)->owner(), ($this->caller)($request));

        return $this->page($placement->shop, 200, $placement->word($state, $placement->offer, $placement->shop), $text);
    }

    /** Nobody can be paid yet; what leads elsewhere goes on leading there. */
    private function notOpen(Placement $placement, Request $request): Response
    {
        $this->follow->countOnly($placement, Visitor::of($request)->owner(), ($this->caller)($request));
        $shop = $placement->shop;

        return $this->page($shop, 200, $shop->wording()->say('notice.not_open'), $shop->wording()->say('notice.not_open_what', shop: $shop->name));
    }

    private function soldOut(Placement $placement): string
    {
        $names = [];
        foreach ($placement->offer->lines as $line) {
            $names[] = "“{$line->product->name}”";
        }

        return count($names) === 1
            ? $placement->shop->wording()->say('notice.sold_out', name: $names[0])
            : $placement->shop->wording()->say('notice.some_sold_out', names: implode(', ', $names));
    }

    private function page(Shop $shop, int $status, string $title, string $text): Response
    {
        // A click needs little of its shop; a page shows its texts, too.
        $shop->refresh();

        return response()->view('shop.notice', [
            'shop' => $shop,
            'title' => $title,
            'text' => $text,
            'others' => $this->goods->available($shop, 4),
        ], $status, ['X-Robots-Tag' => 'noindex']);
    }
}
