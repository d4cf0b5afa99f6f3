<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\EditCart;
use App\Carts\LeadOver;
use App\Http\Input;
use App\Http\Shopper\Cart\CartForm;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;

/** The cart of the widgets of a page. Its token stands in the body, where no log has it. */
final readonly class WidgetCartController
{
    public function __construct(
        private ReadWidgetCart $read,
        private EditCart $editCart,
        private LeadOver $leadOver,
    ) {}

    #[OA\Post(path: '/cart', operationId: 'widgetCart', summary: 'What is in the cart of a page', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(required: ['token'], properties: [new OA\Property(property: 'token', type: 'string')])))]
    #[OA\Response(response: 200, description: 'Empty where the token opens none.', content: new OA\JsonContent(ref: WidgetCartResource::class))]
    #[OA\Response(response: 429, description: 'Too often.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function show(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer($request, $shop);
    }

    #[OA\Post(path: '/cart/edit', operationId: 'editWidgetCart', summary: 'Change quantities, or take a line out', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(required: ['token'], properties: [
        new OA\Property(property: 'token', type: 'string'),
        new OA\Property(property: 'quantity', description: 'By the id of the line.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'remove', description: 'The id of the line.', type: 'string'),
    ])))]
    #[OA\Response(response: 200, description: 'As it is now.', content: new OA\JsonContent(ref: WidgetCartResource::class))]
    #[OA\Response(response: 422, description: 'A quantity that can’t be.', content: new OA\JsonContent(ref: RefusalResource::class))]
    #[OA\Response(response: 429, description: 'Too often.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function edit(Request $request, Shop $shop): JsonResponse
    {
        $cart = $this->read->cart($request, $shop);
        $form = CartForm::of($request);
        $errors = $cart === null ? [] : ($this->editCart)($cart, $form->quantities, $form->remove)->errors;

        return $errors === [] ? $this->answer($request, $shop) : new JsonResponse(new RefusalResource(implode(' ', $errors)), Response::HTTP_UNPROCESSABLE_ENTITY);
    }

    #[OA\Post(path: '/cart/hand-over', operationId: 'handOver', summary: 'Go on with the cart at the shop', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(required: ['token', 'to'], properties: [
        new OA\Property(property: 'token', type: 'string'),
        new OA\Property(property: 'to', type: 'string', enum: ['cart', 'pay']),
    ])))]
    #[OA\Response(response: 200, description: 'With the address to go to, which works once and for two minutes; null: there is nothing in the cart.', content: new OA\JsonContent(ref: WidgetCartResource::class))]
    #[OA\Response(response: 429, description: 'Too often.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function handOver(Request $request, Shop $shop): JsonResponse
    {
        $cart = $this->read->cart($request, $shop);
        $go = $cart === null || $cart->lines->isEmpty() ? null : ($this->leadOver)($shop, $cart, false, Input::text($request, 'to') === 'pay', PageHost::of($request));

        return $this->answer($request, $shop, $go);
    }

    private function answer(Request $request, Shop $shop, ?string $go = null): JsonResponse
    {
        $cart = $this->read->cart($request, $shop);
        $token = $this->read->token($request);

        return new JsonResponse($cart === null || $token === null ? WidgetCartResource::none() : $this->read->told($cart, $token, $go));
    }
}
