<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Carts\CartForm;
use App\Carts\EditCart;
use App\Carts\FindCart;
use App\Carts\Visitor;
use App\Checkout\BillChanged;
use App\Checkout\CheckoutPage;
use App\Checkout\OpenPayment;
use App\Models\Cart;
use App\Models\Payment;
use App\Models\Shop;
use App\Payments\PaymentState;
use App\Payments\ProviderUnreachable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Checkout\DetailsEntry;
use Symfony\Component\HttpFoundation\Response as Answer;

/** One page: the goods, still editable, the shopper's details, and the bill beside them. */
final readonly class CheckoutController
{
    public function __construct(
        private FindCart $carts,
        private EditCart $editCart,
        private OpenPayment $openPayment,
        private CheckoutPage $page,
    ) {}

    public function show(Request $request, Shop $shop, string $ref): Answer
    {
        $cart = $this->carts->named($shop, Visitor::of($request), $ref);
        if ($cart === null || $cart->lines->isEmpty()) {
            return $this->nothingToPay($shop, $cart);
        }

        return $this->page->shown($shop, $cart, notice: match ($request->query('after')) {
            'declined' => 'The payment did not go through, and nothing was paid. You can try again.',
            'changed' => 'The bill below is the new one.',
            default => null,
        });
    }

    public function submit(Request $request, Shop $shop, string $ref): Answer
    {
        $cart = $this->carts->named($shop, Visitor::of($request), $ref);
        if ($cart === null || $cart->lines->isEmpty()) {
            return $this->nothingToPay($shop, $cart);
        }
        $details = new DetailsEntry($this->typed($request));
        $cart->update(['typed' => array_map(fn (string $text): string => mb_substr(mb_scrub($text, 'UTF-8'), 0, 500), $details->typed)]);

        // A quantity that was changed and not yet reckoned in comes first: what is paid is what was shown.
        $form = CartForm::of($request);
        $edit = ($this->editCart)($cart, $form->quantities, $form->remove);
        if ($edit->errors !== []) {
            return $this->page->corrected($shop, $cart->refresh(), $details->typed, [], $form->quantities, $edit->errors);
        }
        if ($edit->hasChanged || $request->has('update')) {
            return new RedirectResponse("/checkout/{$ref}?after=changed", Answer::HTTP_SEE_OTHER);
        }
        if ($details->details === null) {
            return $this->page->corrected($shop, $cart->refresh(), $details->typed, $details->errors);
        }

        try {
            $payment = ($this->openPayment)($shop, $cart, $details->details, $request->string('digest')->toString());
        } catch (BillChanged $changed) {
            return $this->page->refused($shop, $cart->refresh(), 409, $changed->getMessage());
        } catch (ProviderUnreachable $unreachable) {
            report($unreachable);

            return $this->page->refused($shop, $cart->refresh(), 503, 'The payment page can’t be reached just now. Nothing was paid; try again in a moment.');
        }

        return new RedirectResponse($payment->hosted_url ?? "/return/{$payment->reference}", Answer::HTTP_SEE_OTHER);
    }

    /** @return array{email: string, name: string, street: string, postcode: string, town: string, country: string} */
    private function typed(Request $request): array
    {
        $text = static function (string $field) use ($request): string {
            $value = $request->input($field);

            return is_string($value) ? $value : '';
        };

        return [
            'email' => $text('email'), 'name' => $text('name'), 'street' => $text('street'),
            'postcode' => $text('postcode'), 'town' => $text('town'), 'country' => $text('country'),
        ];
    }

    private function nothingToPay(Shop $shop, ?Cart $cart): Response
    {
        $paid = $cart === null ? null : Payment::query()->where(['cart_id' => $cart->id, 'state' => PaymentState::Ordered])->with('order')->latest('id')->first();

        return match (true) {
            $cart === null => response()->view('shop.notice', ['shop' => $shop, 'title' => 'This cart is not here', 'text' => 'A cart opens only in the browser that filled it, and is cleared away when nobody goes on with it.', 'others' => []], 404),
            $paid?->order !== null => response()->view('shop.notice', ['shop' => $shop, 'title' => 'You have ordered this', 'text' => "It is order {$paid->order->number}. Nothing more is to be paid.", 'link' => "/thanks/{$paid->order->token}", 'linkText' => 'See the order', 'others' => []]),
            default => response()->view('shop.notice', ['shop' => $shop, 'title' => 'The cart is empty', 'text' => 'There is nothing to pay.', 'others' => []]),
        };
    }
}
