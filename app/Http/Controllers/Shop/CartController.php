<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Carts\AddToCart;
use App\Carts\ApplyCoupon;
use App\Carts\CartForm;
use App\Carts\CartPage;
use App\Carts\EditCart;
use App\Carts\FindCart;
use App\Carts\Goods;
use App\Carts\TooManyCarts;
use App\Carts\Visitor;
use App\Http\Input;
use App\Models\Cart;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Shopfront\AfterAddingTo;
use App\Shopfront\ProductPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenLink;
use PaperKite\Link\PlacementCode;
use PaperKite\Offer\Destination;
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
        private ApplyCoupon $applyCoupon,
        private CartPage $page,
        private ProductPage $productPage,
    ) {}

    public function show(Request $request, Shop $shop): Answer
    {
        return $this->page->shown($shop, $this->carts->shared($shop, Visitor::of($request)), $request);
    }

    public function edit(Request $request, Shop $shop): Answer
    {
        $cart = $this->carts->shared($shop, Visitor::of($request));
        if ($cart === null) {
            return $this->page->shown($shop, null, $request);
        }
        $form = CartForm::of($request);
        $edit = ($this->editCart)($cart, $form->quantities, $form->remove);
        $couponError = $shop->checkout_rules->couponPlace->isInCart() ? ($this->applyCoupon)($shop, $cart, $request) : null;
        if ($edit->errors !== [] || $couponError !== null) {
            return $this->page->corrected($shop, $cart->refresh(), $request, $form, $edit->errors, $couponError);
        }

        return new RedirectResponse($request->has('to_checkout') ? $shop->checkoutPath($cart->ref) : '/cart', Answer::HTTP_SEE_OTHER);
    }

    public function add(Request $request, Shop $shop): Answer
    {
        $product = Product::forSale($shop)->where('sku', Input::text($request, 'sku'))->firstOrFail();
        $choices = array_values(array_map(static fn (mixed $choice): string => is_string($choice) ? $choice : '', (array) $request->input('choice', [])));
        $typed = Input::text($request, 'quantity', '1');
        $code = Input::text($request, 'k');
        $variant = $product->has_variants ? $product->variants->first(fn (Variant $variant): bool => $variant->choices === $choices) : null;
        $errors = $this->errors($product, $variant, $typed);
        if ($errors !== []) {
            return $request->expectsJson()
                ? new JsonResponse(['message' => implode(' ', $errors)], 422)
                : $this->productPage->corrected($request, $shop, $product, $choices, $typed, $code, $errors);
        }
        $visitor = Visitor::of($request);
        $goods = new Goods($product, $variant, Quantity::fromEntry($typed)->pieces);
        $buys = Input::text($request, 'to') === Destination::Pay->value;
        $placement = $this->placement($code, $shop, $product);
        try {
            $cart = DB::transaction(fn (): Cart => $buys
                ? $this->addToCart->alone($shop, $visitor, [$goods], $placement, $request)
                : $this->addToCart->toShared($shop, $visitor, [$goods], $placement, $request), 3);
        } catch (TooManyCarts) {
            abort(429);
        }
        $answer = $buys ? $this->answer($request, $shop->checkoutPath($cart->ref)) : $this->added($request, $shop, $cart, $product);
        $answer->headers->setCookie($visitor->cookie());

        return $answer;
    }

    private function added(Request $request, Shop $shop, Cart $cart, Product $product): Answer
    {
        $rest = Input::text($request, 'rest');
        // A link that led to this product's page leads on to the cart, and to what else it names.
        if ($rest !== '' || Input::text($request, 'k') !== '') {
            return $this->answer($request, $this->onwards($rest));
        }
        $after = AfterAddingTo::of($shop, $cart, $product->name);
        if ($after->address !== null) {
            return $this->answer($request, $after->address);
        }

        return $request->expectsJson()
            ? new JsonResponse(['go' => null, 'notice' => $after->notice, 'noticeAddress' => $after->noticeAddress, 'noticeWords' => $after->noticeWords])
            : new RedirectResponse('/?after=added', Answer::HTTP_SEE_OTHER);
    }

    private function answer(Request $request, string $address): Answer
    {
        return $request->expectsJson() ? new JsonResponse(['go' => $address]) : new RedirectResponse($address, Answer::HTTP_SEE_OTHER);
    }

    /** An open link may have named more of which the shopper has to choose: it goes on with them. */
    private function onwards(string $rest): string
    {
        try {
            return $rest === '' ? '/cart' : OpenLink::read(rawurlencode($rest), 'to=cart')->url('');
        } catch (InvalidOpenLink) {
            return '/cart';
        }
    }

    /** @return array{quantity?: string, choices?: string} */
    private function errors(Product $product, ?Variant $variant, string $quantity): array
    {
        $errors = [];
        if ($product->has_variants && $variant === null) {
            $errors['choices'] = 'Choose one of each; this combination is not to be had.';
        } elseif (! Product::stockOf($variant !== null ? $variant->stock : $product->stock, $product->allows_back_order)->covers(1)) {
            $errors['choices'] = 'This is sold out at the moment; choose another.';
        }
        try {
            Quantity::fromEntry($quantity);
        } catch (InvalidQuantity $invalid) {
            $errors['quantity'] = $invalid->getMessage();
        }

        return $errors;
    }

    /** The placement that led to the product's page, so that the order can be credited to it. */
    private function placement(string $code, Shop $shop, Product $product): ?Placement
    {
        $read = PlacementCode::read($code);

        return $read === null ? null : Placement::query()
            ->where(['shop_id' => $shop->id, 'code' => $read->text])
            ->whereRelation('offer.lines', 'product_id', $product->id)
            ->with('offer')
            ->first();
    }
}
