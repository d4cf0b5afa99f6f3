<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Carts\TooManyCarts;
use App\Carts\Visitor;
use App\Clicks\FollowPlacement;
use App\Clicks\PlacementLookup;
use App\Clicks\RequestHeaders;
use App\Http\ShopHosts;
use App\Models\Placement;
use App\Models\Shop;
use App\Shopfront\ShopfrontGoods;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\PlacementLink;
use PaperKite\Link\Visit;
use PaperKite\Offer\OfferState;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A click on a placement link. */
final readonly class PlacementController
{
    public function __construct(
        private PlacementLookup $lookup,
        private FollowPlacement $follow,
        private ShopHosts $hosts,
    ) {}

    public function __invoke(Request $request, string $code): Answer
    {
        $visit = Visit::of($request->method(), RequestHeaders::of($request));
        if ($visit === Visit::Silent) {
            return response()->noContent();
        }
        $read = PlacementCode::read($code);
        $placement = $read === null ? null : $this->lookup->at($request->getHost(), $read);
        if ($placement === null) {
            return $this->unknown($request);
        }
        if ($visit === Visit::Frame) {
            return $this->frame($placement);
        }

        return match (true) {
            $placement->offer->state === OfferState::Draft => $this->unknown($request),
            $placement->offer->state === OfferState::Archived => $this->page($placement->shop, 410, 'This offer has ended', 'What was sold here is no longer on offer.'),
            $placement->offer->state === OfferState::Paused => $this->resting($placement, $request, 'Taking a rest', 'This offer is paused for now. Come back a little later.'),
            $placement->offer->isSoldOut() => $this->resting($placement, $request, 'Sold out', "“{$placement->offer->product->name}” is sold out at the moment."),
            default => $this->followed($placement, $request),
        };
    }

    private function followed(Placement $placement, Request $request): Answer
    {
        $visitor = Visitor::of($request);
        try {
            $answer = new RedirectResponse(($this->follow)($placement, $visitor, $request), Answer::HTTP_SEE_OTHER);
        } catch (TooManyCarts) {
            return $this->page($placement->shop, 200, 'A moment, please', 'Very many carts were begun from your network just now. Wait a minute and click again; nothing is lost.');
        }
        if ($placement->offer->addsAtOnce()) {
            $answer->headers->setCookie($visitor->cookie());
        }

        return $answer;
    }

    private function resting(Placement $placement, Request $request, string $title, string $text): Response
    {
        $this->follow->countOnly($placement, Visitor::of($request), $request);

        return $this->page($placement->shop, 200, $title, $text);
    }

    private function unknown(Request $request): Answer
    {
        $shop = $this->hosts->shopAt($request->getHost());

        return $shop === null
            ? $this->hosts->movedAnswer($request) ?? abort(404)
            : $this->page($shop, 404, 'Nothing is sold here', 'This link leads to no offer of this shop. It may be mistyped.');
    }

    /** Says what is so, and what else there is. */
    private function page(Shop $shop, int $status, string $title, string $text): Response
    {
        return response()->view('shop.notice', [
            'shop' => $shop,
            'title' => $title,
            'text' => $text,
            'others' => ShopfrontGoods::available($shop, 4),
        ], $status, ['X-Robots-Tag' => 'noindex']);
    }

    /** In a frame of another page nothing is added: one button opens the link in the whole window. */
    private function frame(Placement $placement): Response
    {
        return response()->view('shop.frame', [
            'shop' => $placement->shop,
            'caption' => $placement->offer->caption(),
            'link' => PlacementLink::PATH.$placement->code,
        ], 200, [
            'X-Robots-Tag' => 'noindex',
            'Content-Security-Policy' => "default-src 'none'; style-src 'self'; font-src 'self'; base-uri 'none'; form-action 'none'",
        ]);
    }
}
