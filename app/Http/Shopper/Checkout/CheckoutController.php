<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Carts\CartNeeds;
use App\Carts\CartOwner;
use App\Carts\EditCart;
use App\Carts\FindCart;
use App\Carts\PutBack;
use App\Carts\TouchCart;
use App\Carts\UndoJoined;
use App\Checkout\AskedOfLines;
use App\Checkout\BillChanged;
use App\Checkout\OpenPayment;
use App\Clicks\CountCheckout;
use App\Http\Input;
use App\Http\Shopper\Cart\CardForm;
use App\Http\Shopper\Cart\CartForm;
use App\Http\Shopper\Cart\CouponForm;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Shop;
use App\Payments\ProviderUnreachable;
use App\Shoppers\ShopperSession;
use App\Time\Clock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\DetailsEntry;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Link\Visit;
use Symfony\Component\HttpFoundation\Response as Answer;

/** One page: the goods, still editable, the shopper's details, and the bill beside them. */
final readonly class CheckoutController
{
    public function __construct(
        private FindCart $carts,
        private EditCart $editCart,
        private CouponForm $coupon,
        private CardForm $card,
        private Clock $clock,
        private OpenPayment $openPayment,
        private CheckoutPage $page,
        private ShopperSession $session,
        private TouchCart $touch,
        private UndoJoined $undo,
        private PutBack $putBack,
        private CountCheckout $count,
        private ReadCaller $caller,
    ) {}

    public function show(Request $request, Shop $shop, string $ref): Answer
    {
        $cart = $this->carts->named($shop, Visitor::of($request)->owner(), $ref);
        if ($cart === null || $cart->lines->isEmpty()) {
            return $this->nothingToPay($shop, $cart);
        }

        ($this->touch)($cart);
        if (Visit::isNavigation($request->method(), RequestHeaders::ofVisit($request))) {
            ($this->count)($shop, $cart, ($this->caller)($request));
        }
        $this->fillIn($shop, $cart, Visitor::of($request)->owner());

        return $this->page->shown($shop, $cart, $request, notice: match ($request->query('after')) {
            'declined' => $shop->wording()->say('checkout.declined'),
            'codes' => $shop->wording()->say('refused.codes'),
            'changed' => $shop->wording()->say('checkout.reckoned'),
            default => null,
        });
    }

    public function submit(Request $request, Shop $shop, string $ref): Answer
    {
        $cart = $this->carts->named($shop, Visitor::of($request)->owner(), $ref);
        if ($cart !== null && $request->has('put_back')) {
            $this->keep($cart, new DetailsEntry($this->typed($request), $shop->checkout_rules, CartNeeds::of($shop, $cart), $shop->wording()));

            return $this->undone($request, $shop, $cart, $this->putBack);
        }
        if ($cart === null || $cart->lines->isEmpty()) {
            return $this->nothingToPay($shop, $cart);
        }

        $details = new DetailsEntry($this->typed($request), $shop->checkout_rules, CartNeeds::of($shop, $cart), $shop->wording());
        $this->keep($cart, $details);

        return $request->has('undo_joined') ? $this->undone($request, $shop, $cart, $this->undo) : $this->sent($request, $shop, $cart, $details);
    }

    /** What was typed waits, whatever comes of it. */
    private function keep(Cart $cart, DetailsEntry $details): void
    {
        $isBlank = array_filter($details->typed, static fn (string $text): bool => $text !== '') === [];
        $cart->update($isBlank ? [] : [
            'typed' => array_map(fn (string $text): string => mb_substr(mb_scrub($text, 'UTF-8'), 0, 1000), $details->typed),
            'country' => isset($details->errors['country']) || $details->typed['country'] === '' ? $cart->country : $details->typed['country'],
        ]);
    }

    private function undone(Request $request, Shop $shop, Cart $cart, UndoJoined|PutBack $undo): Answer
    {
        ($this->editCart)($cart, [], null, CartForm::of($request)->attendees, CartForm::of($request)->gifts);
        $undo($cart);

        return new RedirectResponse($shop->checkoutPath($cart->ref).'?after=changed', Answer::HTTP_SEE_OTHER);
    }

    private function sent(Request $request, Shop $shop, Cart $cart, DetailsEntry $details): Answer
    {
        // A quantity that was changed and not yet reckoned in comes first: what is paid is what was shown.
        $form = CartForm::of($request);
        $edit = ($this->editCart)($cart, $form->quantities, $form->remove, $form->attendees, $form->gifts);
        $couponError = $shop->checkout_rules->couponPlace->isInCheckout() ? ($this->coupon)($request, $shop, $cart) : null;
        $codeErrors = array_filter(['coupon' => $couponError, 'card' => ($this->card)($request, $shop, $cart)], is_string(...));
        if ($edit->errors !== [] || $codeErrors !== []) {
            return $this->page->corrected($shop, $cart->refresh(), $request, ['coupon' => Input::text($request, 'coupon'), 'card' => Input::text($request, 'card')] + $details->typed, $codeErrors, $form->quantities, $edit->errors);
        }
        if ($edit->hasChanged || CardForm::changes($request) || $request->hasAny(['update', 'apply', 'remove', 'remove_coupon'])) {
            return new RedirectResponse($shop->checkoutPath($cart->ref).'?after=changed', Answer::HTTP_SEE_OTHER);
        }
        $unnamed = AskedOfLines::objections($shop, $cart->refresh(), $this->clock->moment()->dayIn($shop->zone()));
        if ($details->details === null || $unnamed !== []) {
            return $this->page->corrected($shop, $cart, $request, $details->typed, $details->errors, lineErrors: $unnamed);
        }

        return $this->toPayment($request, $shop, $cart, $details->details);
    }

    private function toPayment(Request $request, Shop $shop, Cart $cart, ShopperDetails $shopper): Answer
    {
        try {
            $onwards = ($this->openPayment)($shop, $cart, $shopper, Input::text($request, 'digest'));
        } catch (BillChanged $changed) {
            return $this->page->refused($shop, $cart->refresh(), $request, 409, $changed->getMessage());
        } catch (ProviderUnreachable $unreachable) {
            report($unreachable);

            return $this->page->refused($shop, $cart->refresh(), $request, 503, $shop->wording()->say('checkout.unreachable'));
        }

        return new RedirectResponse($onwards, Answer::HTTP_SEE_OTHER);
    }

    /** A shopper who is signed in finds what they typed the last time. */
    private function fillIn(Shop $shop, Cart $cart, CartOwner $owner): void
    {
        $key = $cart->typed === null ? $this->session->emailKey($shop, $owner) : null;
        $last = $key === null ? null : Order::query()->where(['shop_id' => $shop->id, 'email_key' => $key])->latest('id')->first();
        if ($last !== null) {
            $cart->update(['country' => $cart->country ?? $last->country, 'typed' => [
                'email' => $last->email, 'name' => $last->name, 'company' => $last->company, 'street' => $last->street,
                'postcode' => $last->postcode, 'town' => $last->town, 'country' => $last->country, 'phone' => $last->phone,
            ]]);
        }
    }

    /** @return array<string, string> by field */
    private function typed(Request $request): array
    {
        $typed = [];
        foreach (CheckoutField::cases() as $field) {
            $value = $request->input($field->value);
            $typed[$field->value] = is_string($value) ? $value : '';
        }

        return $typed;
    }

    private function nothingToPay(Shop $shop, ?Cart $cart): Response
    {
        $say = $shop->wording();
        $paid = $cart === null ? null : Checkout::query()->where(['cart_id' => $cart->id, 'state' => CheckoutState::Ordered])->with('order')->latest('id')->first();

        return match (true) {
            $cart === null => response()->view('shop.notice', ['shop' => $shop, 'title' => $say->say('notice.no_cart'), 'text' => $say->say('notice.no_cart_why'), 'others' => []], 404),
            $paid?->order !== null => response()->view('shop.notice', ['shop' => $shop, 'title' => $say->say('notice.ordered'), 'text' => $say->say('notice.ordered_what', number: (string) $paid->order->number), 'link' => "/thanks/{$paid->order->token}", 'linkText' => $say->say('notice.see_order'), 'others' => []]),
            default => response()->view('shop.notice', ['shop' => $shop, 'title' => $say->say('notice.empty'), 'text' => $say->say('notice.empty_what'), 'others' => [], 'taken' => $cart->takenOut(), 'address' => $shop->checkoutPath($cart->ref)]),
        };
    }
}
