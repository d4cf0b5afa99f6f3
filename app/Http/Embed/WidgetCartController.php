<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\EditCart;
use App\Carts\LeadOver;
use App\Carts\PutBack;
use App\Http\Input;
use App\Http\Shopper\Cart\CartForm;
use App\Http\Shopper\Cart\CouponForm;
use App\Models\Cart;
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
        private CouponForm $coupon,
        private PutBack $putBack,
        private ShowWidgetCart $show,
        private LeadOver $leadOver,
    ) {}

    #[OA\Post(path: '/cart', operationId: 'widgetCart', summary: 'What is in the cart of a page', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(required: ['token'], properties: [new OA\Property(property: 'token', type: 'string'), new OA\Property(property: 'shown', description: '1: with all that there is to show of it.', type: 'string')])))]
    #[OA\Response(response: 200, description: 'Empty where the token opens none.', content: new OA\JsonContent(ref: WidgetCartResource::class))]
    #[OA\Response(response: 429, description: 'Too often.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function show(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer($request, $shop);
    }

    #[OA\Post(path: '/cart/edit', operationId: 'editWidgetCart', summary: 'Change quantities and coupon, take a line out, or put it back', security: [])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/x-www-form-urlencoded', schema: new OA\Schema(required: ['token'], properties: [
        new OA\Property(property: 'token', type: 'string'),
        new OA\Property(property: 'quantity', description: 'By the id of the line.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'remove', description: 'The id of the line.', type: 'string'),
        new OA\Property(property: 'put_back', description: 'Anything: puts back what was taken out last.', type: 'string'),
        new OA\Property(property: 'coupon', description: 'As typed, where the shop has coupons in its cart.', type: 'string'),
        new OA\Property(property: 'remove_coupon', description: 'Anything: takes it out.', type: 'string'),
        new OA\Property(property: 'shown', description: '1: with all that there is to show of it, and what is wrong with what was typed.', type: 'string'),
    ])))]
    #[OA\Response(response: 200, description: 'As it is now.', content: new OA\JsonContent(ref: WidgetCartResource::class))]
    #[OA\Response(response: 422, description: 'A quantity or a coupon that can’t be, where not all is shown.', content: new OA\JsonContent(ref: RefusalResource::class))]
    #[OA\Response(response: 429, description: 'Too often.', content: new OA\JsonContent(ref: RefusalResource::class))]
    public function edit(Request $request, Shop $shop): JsonResponse
    {
        $cart = $this->read->cart($request, $shop);
        [$errors, $couponError] = $cart === null ? [[], null] : $this->edited($request, $shop, $cart);
        $isRefused = $errors !== [] || $couponError !== null;

        return $isRefused && ! $this->isShown($request)
            ? new JsonResponse(new RefusalResource(implode(' ', [...$errors, ...array_filter([$couponError])])), Response::HTTP_UNPROCESSABLE_ENTITY)
            : $this->answer($request, $shop, null, $errors, $couponError);
    }

    /** @return array{array<int, string>, string|null} what is wrong with what was typed: by line, and of the coupon */
    private function edited(Request $request, Shop $shop, Cart $cart): array
    {
        if ($request->has('put_back')) {
            ($this->putBack)($cart);

            return [[], null];
        }
        $form = CartForm::of($request);
        $errors = ($this->editCart)($cart, $form->quantities, $form->remove)->errors;

        return [$errors, $shop->checkout_rules->couponPlace->isInCart() ? ($this->coupon)($request, $shop, $cart) : null];
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

    /** @param  array<int, string>  $errors  of what was typed, by line */
    private function answer(Request $request, Shop $shop, ?string $go = null, array $errors = [], ?string $couponError = null): JsonResponse
    {
        $cart = $this->read->cart($request, $shop);
        $token = $this->read->token($request);
        $shown = $this->isShown($request) ? ($this->show)($request, $shop, $cart, $errors, $couponError) : null;

        return new JsonResponse($cart === null || $token === null ? WidgetCartResource::none($shown) : $this->read->told($cart, $token, $go, $shown));
    }

    private function isShown(Request $request): bool
    {
        return $request->boolean('shown');
    }
}
