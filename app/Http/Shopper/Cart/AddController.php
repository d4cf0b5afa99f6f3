<?php

declare(strict_types=1);

namespace App\Http\Shopper\Cart;

use App\Carts\ApplyCoupon;
use App\Carts\CountPieces;
use App\Carts\FindCart;
use App\Carts\Goods;
use App\Carts\TooManyCarts;
use App\Clicks\Credit;
use App\Clicks\FillCart;
use App\Clicks\Filling;
use App\Clicks\FindCredit;
use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\Shopfront\ProductPage;
use App\Http\Shopper\Visitor;
use App\Models\Cart;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\OpenLinks\FollowOpenLink;
use App\Results\CountedShop;
use App\Results\Labels;
use App\Shopfront\AfterAddingTo;
use App\Shopfront\FindGoods;
use App\Shopfront\GivenAmount;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Quantity;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\RestOfLink;
use PaperKite\Offer\Onwards;
use PaperKite\Words\Wording;
use Symfony\Component\HttpFoundation\Response as Answer;

/** A button beside goods in the shop's own pages. */
final readonly class AddController
{
    public function __construct(
        private FindGoods $find,
        private FindCart $carts,
        private FillCart $fill,
        private CountPieces $pieces,
        private ApplyCoupon $coupon,
        private ReadCaller $caller,
        private ProductPage $page,
        private FindCredit $credited,
        private Labels $labels,
    ) {}

    public function __invoke(Request $request, Shop $shop): Answer
    {
        $product = $this->find->bySku($shop, Input::text($request, 'sku'))->product ?? abort(404);
        if ($product->kind->isElsewhere()) {
            return $this->answer($request, '/p/'.rawurlencode($product->sku));
        }
        $choices = array_values(array_map(static fn (mixed $choice): string => is_string($choice) ? $choice : '', (array) $request->input('choice', [])));
        $typed = Input::text($request, 'quantity', '1');
        $variant = $product->has_variants ? $product->variants->first(fn (Variant $variant): bool => $variant->choices === $choices) : null;
        $given = GivenAmount::read($product, Input::text($request, 'own_amount'), Input::text($request, 'amount'), $shop->wording());
        $errors = $this->errors($product, $variant, $typed, $given, $shop->wording());
        if ($errors !== []) {
            return $request->expectsJson()
                ? new JsonResponse(['message' => implode(' ', $errors)], 422)
                : $this->page->corrected($request, $shop, $product, $choices, $typed, Input::text($request, 'k'), $errors);
        }
        $visitor = Visitor::of($request);
        try {
            $answer = $this->filled($request, $shop, $visitor, new Goods($product, $variant, Quantity::fromEntry($typed)->pieces, $given->terms));
        } catch (TooManyCarts) {
            abort(429);
        }
        $answer->headers->setCookie($visitor->cookie());

        return $answer;
    }

    /** @throws TooManyCarts */
    private function filled(Request $request, Shop $shop, Visitor $visitor, Goods $goods): Answer
    {
        $buys = Input::text($request, 'to') === Onwards::Pay->value;
        $rest = RestOfLink::read(Input::text($request, 'rest'))?->decidedBy($buys ? OpenDestination::Pay : OpenDestination::Cart);
        if ($rest !== null) {
            return $this->answer($request, $this->afterChoice($request, $shop, $visitor, $goods, $rest));
        }
        $credit = ($this->credited)($shop, Input::text($request, 'k'), $goods->product);
        $filling = Filling::byButton([$goods], $buys, $credit);
        $cart = ($this->fill)(CountedShop::of($shop), $visitor->owner(), ($this->caller)($request), $filling, null);

        return $buys ? $this->answer($request, $shop->checkoutPath($cart->ref)) : $this->added($request, $shop, $cart->read(), $goods->product, $credit);
    }

    /**
     * The page was opened by an open link, which leads on to its other choices, and then to where it says.
     *
     * @throws TooManyCarts
     */
    private function afterChoice(Request $request, Shop $shop, Visitor $visitor, Goods $goods, RestOfLink $rest): string
    {
        $into = $rest->cart === null ? null : $this->carts->named($shop, $visitor->owner(), $rest->cart);
        $caller = ($this->caller)($request);
        $coupon = $this->coupon->byLink($rest->coupon, $visitor->owner(), $caller);
        $back = $rest->back !== null && $shop->checkout_rules->allows($rest->back) ? $rest->back : null;
        $cart = ($this->fill)(CountedShop::of($shop), $visitor->owner(), $caller, Filling::byChoice([$goods], $rest->isAlone(), $this->labels->idOf($shop, $rest->from), $coupon, $back, $into), null);

        return FollowOpenLink::onwards($shop, $cart->ref, $rest, $coupon !== $rest->coupon);
    }

    private function added(Request $request, Shop $shop, Cart $cart, Product $product, Credit $credit): Answer
    {
        // A placement that led to this product's page leads on to the cart.
        if ($credit->isOneClick) {
            return $this->answer($request, '/cart');
        }
        $after = AfterAddingTo::of($shop, $cart, $product->name);
        if ($after->address !== null) {
            return $this->answer($request, $after->address);
        }

        return $request->expectsJson()
            ? new JsonResponse(['go' => null, 'notice' => $after->notice, 'noticeAddress' => $after->noticeAddress, 'noticeWords' => $after->noticeWords, 'count' => $this->pieces->in($cart)])
            : new RedirectResponse($credit->code === '' ? '/?after=added' : "/o/{$credit->code}?after=added", Answer::HTTP_SEE_OTHER);
    }

    private function answer(Request $request, string $address): Answer
    {
        return $request->expectsJson() ? new JsonResponse(['go' => $address]) : new RedirectResponse($address, Answer::HTTP_SEE_OTHER);
    }

    /** @return array{quantity?: string, choices?: string, amount?: string} */
    private function errors(Product $product, ?Variant $variant, string $quantity, GivenAmount $given, Wording $say): array
    {
        $errors = $given->error === null ? [] : ['amount' => $given->error];
        if ($product->has_variants && $variant === null) {
            $errors['choices'] = $say->say('refused.combination');
        } elseif (! $product->stockFor($variant)->covers(1)) {
            $errors['choices'] = $product->isOver($variant) ? $say->say('refused.date_passed') : $say->say('refused.sold_out');
        }
        try {
            Quantity::fromEntry($quantity);
        } catch (InvalidQuantity $invalid) {
            $errors['quantity'] = $say->refusal($invalid);
        }

        return $errors;
    }
}
