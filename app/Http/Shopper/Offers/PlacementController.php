<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\TooManyCarts;
use App\Clicks\FollowPlacement;
use App\Clicks\LeadOut;
use App\Clicks\LedOn;
use App\Http\Shopper\OutAnswer;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Placement;
use App\Shopfront\PartnerTag;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\Visit;
use PaperKite\Offer\ButtonState;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A click on a placement link. */
final readonly class PlacementController
{
    public function __construct(
        private RequestedPlacement $requested,
        private FollowPlacement $follow,
        private LeadOut $leadOut,
        private PlacementNotices $notices,
        private LinkPreview $preview,
        private DisplayPages $displays,
        private ReadCaller $caller,
    ) {}

    public function __invoke(Request $request, string $code): Answer
    {
        $visit = Visit::of($request->method(), RequestHeaders::ofVisit($request));
        if ($visit === Visit::Silent) {
            return response()->noContent();
        }
        $placement = ($this->requested)($request, $code);

        return match (true) {
            $placement === null => $this->displays->clicked($request, $code, $visit) ?? $this->notices->unknown($request),
            $visit === Visit::Frame && $placement->deleted_at === null => $this->frame($placement),
            $visit === Visit::Preview => $this->notices->ended($placement) ?? $this->preview->ofPlacement($placement),
            default => $this->notices->obstacle($placement, $request) ?? $this->followed($placement, $request),
        };
    }

    private function followed(Placement $placement, Request $request): Answer
    {
        $visitor = Visitor::of($request);
        $caller = ($this->caller)($request);
        if ($placement->offer->way()->first() === null) {
            return $this->out($placement, $visitor->owner(), $caller, $request);
        }
        try {
            $answer = new RedirectResponse(($this->follow)($placement, $visitor->owner(), $caller), Answer::HTTP_SEE_OTHER);
        } catch (TooManyCarts) {
            return $this->notices->tooManyCarts($placement->shop);
        }
        $request->attributes->set(LedOn::class, LedOn::by($placement, $caller));
        if ($placement->offer->way()->addsAtOnce) {
            $answer->headers->setCookie($visitor->cookie());
        }

        return $answer;
    }

    private function out(Placement $placement, CartOwner $owner, Caller $caller, Request $request): Answer
    {
        $address = $this->leadOut->byPlacement($placement, $owner, $caller);
        if ($address === null) {
            return $this->notices->nowhere($placement->shop, $placement->offer->lines->first()->product->name ?? '');
        }
        $request->attributes->set(LedOn::class, LedOn::by($placement, $caller));

        return new OutAnswer($address, $placement->shop);
    }

    private function frame(Placement $placement): Response
    {
        $partner = $placement->offer->partnerLine();
        $tag = $partner === null ? null : PartnerTag::of($partner->product, null, $placement->shop, null);

        return FramedLink::answer($placement->shop, $placement->word(ButtonState::Idle, $placement->offer, $placement->shop), $placement->code, $tag);
    }
}
