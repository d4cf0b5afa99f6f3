<?php

declare(strict_types=1);

namespace App\Http\Shopper\Checkout;

use App\Http\Shopper\RequestHeaders;
use App\Models\Payment;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use App\Payments\RefuseEvent;
use App\Payments\SettlePayment;
use App\Payments\UnverifiedEvent;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Where the payment provider delivers its events. */
final readonly class PaymentEventController
{
    public function __construct(
        private PaymentProvider $provider,
        private SettlePayment $settle,
        private RefuseEvent $refuse,
    ) {}

    public function __invoke(Request $request, Shop $shop): Response
    {
        try {
            $said = $this->provider->readEvent($request->getContent(), RequestHeaders::of($request));
        } catch (UnverifiedEvent $unverified) {
            $claimed = $this->payment($shop, $unverified->claimedReference);
            if ($claimed !== null) {
                ($this->refuse)($claimed, $unverified->getMessage());
            }

            return response('refused', 401);
        }
        $payment = $this->payment($shop, $said->reference);
        if ($payment === null) {
            return response('unknown payment', 404);
        }
        // The provider can be faster than our own note of the id it gave the payment: it shall come again.
        if ($payment->provider_id === null) {
            return response('not yet', 409);
        }
        ($this->settle)($payment, $said);

        return response()->noContent();
    }

    private function payment(Shop $shop, string $reference): ?Payment
    {
        // What anybody may send can't be compared with ours unless it could be one of them.
        return preg_match('/\A[0-9A-Za-z_-]{1,64}\z/', $reference) === 1 ? Payment::query()->where(['shop_id' => $shop->id, 'reference' => $reference])->first() : null;
    }
}
