<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Carts\AddToCart;
use App\Carts\CartForm;
use App\Carts\EditCart;
use App\Carts\FindCart;
use App\Carts\TooManyCarts;
use App\Carts\Visitor;
use App\Models\Cart;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\PlacementCode;
use PaperKite\Quote\InvalidQuantity;
use PaperKite\Quote\Quantity;
use Symfony\Component\HttpFoundation\Response as Answer;

/** The shopper's shared cart. */
final readonly class CartController
{
    public function __construct(
        private FindCart $carts,
        private EditCart $editCart,
        private AddToCart $addToCart,
    ) {}

    public function show(Request $request, Shop $shop): Response
    {
        return $this->page($shop, $this->carts->shared($shop, Visitor::of($request)));
    }

    public function edit(Request $request, Shop $shop): Answer
    {
        $cart = $this->carts->shared($shop, Visitor::of($request));
        if ($cart === null) {
            return $this->page($shop, null);
        }
        $form = CartForm::of($request);
        $edit = ($this->editCart)($cart, $form->quantities, $form->remove);
        if ($edit->errors !== []) {
            return $this->page($shop, $cart->refresh(), $form, $edit->errors);
        }

        return new RedirectResponse($request->has('to_checkout') ? "/checkout/{$cart->ref}" : '/cart', Answer::HTTP_SEE_OTHER);
    }

    public function add(Request $request, Shop $shop): Answer
    {
        $product = Product::query()->where(['shop_id' => $shop->id, 'sku' => $request->string('sku')->toString()])->firstOrFail();
        $typed = $request->string('quantity', '1')->toString();
        try {
            $quantity = Quantity::fromEntry($typed)->pieces;
        } catch (InvalidQuantity $invalid) {
            return response()->view('shop.product', ['shop' => $shop, 'product' => $product, 'quantity' => $typed, 'code' => $request->string('k')->toString(), 'error' => $invalid->getMessage()], 422);
        }
        $visitor = Visitor::of($request);
        try {
            DB::transaction(fn (): Cart => $this->addToCart->toShared($shop, $visitor, $product, $quantity, $this->placement($request, $shop, $product), $request), 3);
        } catch (TooManyCarts) {
            abort(429);
        }
        $answer = new RedirectResponse('/cart', Answer::HTTP_SEE_OTHER);
        $answer->headers->setCookie($visitor->cookie());

        return $answer;
    }

    /** The placement that led to the product's page, so that the order can be credited to it. */
    private function placement(Request $request, Shop $shop, Product $product): ?Placement
    {
        $code = PlacementCode::read($request->string('k')->toString());

        return $code === null ? null : Placement::query()
            ->where(['shop_id' => $shop->id, 'code' => $code->text])
            ->whereRelation('offer', 'product_id', $product->id)
            ->first();
    }

    /** @param  array<int, string>  $errors */
    private function page(Shop $shop, ?Cart $cart, ?CartForm $form = null, array $errors = []): Response
    {
        return response()->view('shop.cart', [
            'shop' => $shop,
            'cart' => $cart,
            'receipt' => $cart?->receipt($shop),
            'quantities' => $form->quantities ?? [],
            'errors' => $errors,
        ], $errors === [] ? 200 : 422);
    }
}
