<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Carts\TooManyCarts;
use App\Clicks\CountView;
use App\Clicks\FollowPlacement;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Looks\ReadLooks;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Results\Source;
use App\Shopfront\OfferedGoods;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\Visit;
use PaperKite\Medium\LookSheet;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
use Symfony\Component\HttpFoundation\Response as Answer;

/** The page of an offer: what it is, and what the shopper has still to say. */
final readonly class OfferController
{
    public function __construct(
        private RequestedPlacement $requested,
        private FollowPlacement $follow,
        private PlacementNotices $notices,
        private ReadCaller $caller,
        private Clock $clock,
        private CountView $count,
        private ReadLooks $looks,
        private DisplayPages $displays,
    ) {}

    public function show(Request $request, string $code): Answer
    {
        $placement = $this->placement($request, $code);

        return $placement === null
            ? $this->displays->shown($request, $code) ?? $this->notices->unknown($request)
            : $this->notices->obstacle($placement, $request) ?? $this->seen($request, $placement);
    }

    private function seen(Request $request, Placement $placement): Response
    {
        if (Visit::isNavigation($request->method(), RequestHeaders::ofVisit($request))) {
            $product = $placement->offer->lines->count() === 1 ? $placement->offer->lines->first()?->product_id : null;
            ($this->count)($placement->shop, Source::of($placement), $product, Visitor::of($request)->owner(), ($this->caller)($request));
        }

        return $this->page($request, $placement, OfferAnswer::none(), 200);
    }

    public function submit(Request $request, string $code): Answer
    {
        $placement = $this->placement($request, $code);
        if ($placement === null) {
            return $this->notices->unknown($request);
        }
        $obstacle = $this->notices->obstacle($placement, $request);
        if ($obstacle !== null) {
            return $obstacle;
        }
        if ($placement->offer->leadsOut()) {
            return new RedirectResponse("/o/{$placement->code}", Answer::HTTP_SEE_OTHER);
        }
        $this->withGoods($placement);
        $answer = OfferAnswer::read($placement->offer, $request);
        if ($answer->goods === []) {
            return $this->page($request, $placement, $answer, 422);
        }
        $visitor = Visitor::of($request);
        try {
            $onwards = new RedirectResponse($this->follow->answered($placement, $answer->goods, $visitor->owner(), ($this->caller)($request)), Answer::HTTP_SEE_OTHER);
        } catch (TooManyCarts) {
            return $this->notices->tooManyCarts($placement->shop);
        }
        $onwards->headers->setCookie($visitor->cookie());

        return $onwards;
    }

    private function placement(Request $request, string $code): ?Placement
    {
        $placement = ($this->requested)($request, $code);

        return $placement === null || $placement->offer->lines->isEmpty() || $placement->offer->destination === Onwards::Page ? null : $placement;
    }

    private function page(Request $request, Placement $placement, OfferAnswer $answer, int $status): Response
    {
        $this->withGoods($placement);
        $at = $this->clock->moment();
        // A click needs little of its shop; a page shows its texts, too.
        $placement->shop->refresh();

        return response()->view('shop.offer', [
            'shop' => $placement->shop,
            'country' => ($this->caller)($request)->country,
            'placement' => $placement,
            'offer' => $placement->offer,
            'goods' => array_map(static fn (OfferLine $line): OfferedGoods => OfferedGoods::of($line, $at, $placement->shop), array_values($placement->offer->lines->all())),
            'caption' => $placement->word(ButtonState::Idle, $placement->offer, $placement->shop),
            'css' => (new LookSheet(($this->looks)($placement->shop)->at($placement, $placement->offer)->values, '.offer-end .button'))->css(),
            'ask' => $placement->offer->ask(),
            'answer' => $answer,
        ], $status, ['X-Robots-Tag' => 'noindex']);
    }

    /** A click needs little of its goods; their page needs all. */
    private function withGoods(Placement $placement): void
    {
        $lines = new Collection($placement->offer->lines->all());
        $lines->load(['product.variants.picture', 'product.pictures', 'product.sample', 'variant.picture', ...($placement->offer->leadsOut() ? ['product.addresses.marketplace.partner', 'product.addresses.marketplace.hosts'] : [])]);
    }
}
