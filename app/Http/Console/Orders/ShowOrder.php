<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Models\Order;
use App\Models\Shop;
use App\Refunds\ReadBalance;

/** An order as it stands now, with all that is read for it. */
final readonly class ShowOrder
{
    public function __construct(private Edits $edits) {}

    public function __invoke(Shop $shop, Order $order): OrderResource
    {
        $version = $this->edits->version(EditKind::OrderNote, $shop, $order->id);

        // Refunds first and the order's own row last: a page that finds nothing left to wait for finds what has come of it, too.
        $order->load(['refunds.person', ...ReadBalance::WITH, 'lines.product', 'lines.variant', 'steps.person']);
        $order->setRawAttributes(Order::query()->findOrFail($order->id)->getAttributes(), true);

        return OrderResource::of($order, $version, $shop->zone());
    }
}
