<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\LeadOver;
use App\Carts\TooManyCarts;
use App\Carts\WidgetToken;
use App\Clicks\FillCart;
use App\Clicks\Filling;
use App\Clicks\FindDisplay;
use App\Clicks\PlacementLookup;
use App\Embed\WidgetClick;
use App\Http\Input;
use App\Http\Shopper\Offers\OfferAnswer;
use App\Http\Shopper\ReadCaller;
use App\Models\Placement;
use App\Models\Shop;
use App\Results\CountedShop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use PaperKite\Link\PlacementCode;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\OfferState;
use Symfony\Component\HttpFoundation\Response;

/** A click in a widget: the goods go into the cart of its page, with what the shopper has answered. */
final readonly class AddController
{
    private const LONGEST_CLICK = 64;

    public function __construct(
        private PlacementLookup $lookup,
        private FindDisplay $displays,
        private FindShelfItem $shelves,
        private ReadWidgetCart $read,
        private FillCart $fill,
        private LeadOver $leadOver,
        private ReadCaller $caller,
    ) {}

    #[OA\Post(path: '/cart/add', operationId: 'addByWidget', summary: 'Put what a widget sells into the cart of its page', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(required: ['code'], properties: [
        new OA\Property(property: 'code', description: 'Of the placement.', type: 'string'),
        new OA\Property(property: 'item', description: 'The SKU of an item of a shelf, whose placement `code` names.', type: 'string'),
        new OA\Property(property: 'in', description: 'Of the display in which it was clicked.', type: 'string'),
        new OA\Property(property: 'token', description: 'Of the cart; one that opens none begins a new one.', type: 'string'),
        new OA\Property(property: 'click', description: 'A name for this click, by which it counts once however often it is sent.', type: 'string'),
        new OA\Property(property: 'quantity', type: 'string'),
        new OA\Property(property: 'choice', description: 'By line: one of each option.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
        new OA\Property(property: 'amount', description: 'By line: one that is suggested.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'own_amount', description: 'By line: another one, as typed.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    ])))]
    #[OA\Response(response: 200, description: 'As the cart is now.', content: new OA\JsonContent(ref: WidgetCartResource::class))]
    #[OA\Response(response: 409, description: 'It can’t be had like this just now: its link says why.', content: new OA\JsonContent(ref: RefusalResource::class))]
    #[OA\Response(response: 422, description: 'Something is still to be said.', content: new OA\JsonContent(ref: RefusalResource::class))]
    #[OA\Response(response: 429, description: 'Too often.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function __invoke(Request $request, Shop $shop): JsonResponse
    {
        $placement = $this->placement($request, $shop);
        $click = $placement === null ? WidgetClick::Follow : WidgetClick::of($placement->offer, $placement->state($placement->offer));
        if ($placement === null || $click === WidgetClick::Follow) {
            return new JsonResponse(new RefusalResource($placement?->word(ButtonState::NotAvailable, $placement->offer, $shop) ?? $shop->wording()->say('notice.nothing_sold')), Response::HTTP_CONFLICT);
        }
        $answer = OfferAnswer::read($placement->offer, $request);
        if ($answer->goods === []) {
            return new JsonResponse(new RefusalResource(implode(' ', array_unique([...$answer->choiceErrors, ...array_filter([$answer->quantityError])]))), Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        try {
            return new JsonResponse($this->filled($request, $shop, $placement, $click, $answer));
        } catch (TooManyCarts) {
            return new JsonResponse(new RefusalResource($shop->wording()->say('notice.moment_what')), Response::HTTP_TOO_MANY_REQUESTS);
        }
    }

    /** @throws TooManyCarts */
    private function filled(Request $request, Shop $shop, Placement $placement, WidgetClick $click, OfferAnswer $answer): WidgetCartResource
    {
        $isAlone = $placement->offer->sellsAlone();
        // A token that nobody has given out opens nothing, and becomes nobody's.
        $known = $this->read->cart($request, $shop);
        $token = ($known === null ? null : $this->read->token($request)) ?? WidgetToken::fresh();
        $goods = $answer->goods === [] ? throw new \LogicException('What is said completely names goods.') : $answer->goods;
        $filling = Filling::byWidget($placement, $goods, $isAlone, mb_strcut(Input::text($request, 'click'), 0, self::LONGEST_CLICK));
        $cart = ($this->fill)(CountedShop::of($shop), $token->owner(), ($this->caller)($request), $filling, null)->read();
        $go = $click->staysOnPage() ? null : ($this->leadOver)($shop, $cart, $isAlone, $click === WidgetClick::Pay, PageHost::of($request));
        // What is bought by itself is not in the cart of the page.
        $kept = $isAlone ? $known : $cart;

        return $kept === null ? new WidgetCartResource('', 0, [], $go) : $this->read->told($kept, $token, $go);
    }

    /** @return Placement|null with all that its goods are told by; `null` where nothing is on offer by this code */
    private function placement(Request $request, Shop $shop): ?Placement
    {
        $code = PlacementCode::read(Input::text($request, 'code'));
        $sku = Input::text($request, 'item');
        if ($code !== null && $sku !== '') {
            return $this->shelves->item($shop, $code, $sku, $request->has('quantity'));
        }
        $placement = $code === null ? null : $this->lookup->at($shop->host, $code);
        if ($placement === null || $placement->deleted_at !== null || ! in_array($placement->offer->state, [OfferState::Live, OfferState::Paused], true)) {
            return null;
        }
        $placement->setRelation('shop', $shop);
        $in = Input::text($request, 'in');
        if ($in !== '') {
            $this->displays->around($placement, $in);
            // A display that is paused sells nothing; what stands elsewhere is sold there.
            if ($placement->within?->paused_at !== null) {
                return null;
            }
        }
        $placement->offer->setRelation('shop', $shop);
        (new Collection($placement->offer->lines->all()))->load(['product.variants']);

        return $placement;
    }
}
