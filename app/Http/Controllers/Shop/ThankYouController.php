<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Models\Order;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use Illuminate\Http\Response;
use Symfony\Component\Intl\Countries;

final readonly class ThankYouController
{
    public function __construct(private PaymentProvider $provider) {}

    public function __invoke(Shop $shop, string $token): Response
    {
        $order = Order::query()->where(['shop_id' => $shop->id, 'token' => $token])->with('lines')->firstOrFail();

        return response()->view('shop.thanks', [
            'shop' => $shop,
            'order' => $order,
            'country' => Countries::getName($order->country, 'en'),
            'payNotice' => $this->provider->notice(),
        ]);
    }
}
