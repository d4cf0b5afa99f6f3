<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Clicks\FindCredit;
use App\Clicks\LeadOut;
use App\Http\Input;
use App\Http\Shopper\OutAnswer;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Shop;
use App\Shopfront\FindGoods;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PaperKite\Link\Visit;
use PaperKite\Partner\Token;
use PaperKite\Shopfront\Surface;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A button of the shop's own pages beside goods that a partner sells. */
final readonly class PartnerLinkController
{
    public function __construct(
        private FindGoods $find,
        private FindCredit $credited,
        private LeadOut $leadOut,
        private PlacementNotices $notices,
        private ReadCaller $caller,
    ) {}

    public function __invoke(Request $request, Shop $shop, string $sku): Answer
    {
        $visit = Visit::of($request->method(), RequestHeaders::ofVisit($request));
        if ($visit === Visit::Silent || $visit === Visit::Preview) {
            return response()->noContent();
        }
        $product = $this->find->bySku($shop, $sku)->product ?? abort(404);
        $page = '/p/'.rawurlencode($product->sku);
        if ($visit === Visit::Frame || ! $product->kind->isElsewhere()) {
            return new RedirectResponse($page, Answer::HTTP_SEE_OTHER);
        }
        $product->load(['addresses.marketplace.partner', 'addresses.marketplace.hosts']);
        $credit = ($this->credited)($shop, Input::text($request, 'k'), $product);
        $subId = $credit->code ?: (Surface::tryFrom(Input::text($request, 'in')) ?? Surface::Product)->value;
        $address = $this->leadOut->ofProduct($shop, $product, $credit->source, Token::of($subId), Visitor::of($request)->owner(), ($this->caller)($request));

        return $address === null ? $this->notices->nowhere($shop, $product->name) : new OutAnswer($address, $shop);
    }
}
