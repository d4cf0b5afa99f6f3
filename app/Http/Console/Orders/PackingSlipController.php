<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Fulfilment\MoveOrders;
use App\Http\Input;
use App\Models\Order;
use App\Models\Shop;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Packing slips to be printed, a sheet of paper for each order: what is in the parcel, without prices. */
final readonly class PackingSlipController
{
    public function __invoke(Request $request, Shop $shop): Response
    {
        $numbers = array_slice(array_filter(explode(',', Input::text($request, 'orders')), static fn (string $number): bool => preg_match('/\A\d{1,18}\z/', $number) === 1), 0, MoveOrders::MOST_AT_ONCE);
        $orders = Order::query()->where('shop_id', $shop->id)->whereIn('number', $numbers)->with(['lines.product', 'lines.variant', 'refunds.lines'])->orderBy('number')->get();

        return response()->view('print.slips', [
            'shop' => $shop,
            'slips' => $orders->map(static fn (Order $order): PackingSlip => PackingSlip::of($order)),
        ]);
    }
}
