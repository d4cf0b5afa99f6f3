<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Changes\EditKind;
use App\Changes\Edits;
use App\Models\Order;
use App\Models\Shop;
use App\Refunds\ReadBalance;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Relations\Relation;

/** An order as it stands now, with all that is read for it. */
final readonly class ShowOrder
{
    private const USES_SHOWN = 10;

    public function __construct(
        private Edits $edits,
        private Clock $clock,
    ) {}

    public function __invoke(Shop $shop, Order $order): OrderResource
    {
        $version = $this->edits->version(EditKind::OrderNote, $shop, $order->id);

        // Refunds first and the order's own row last: a page that finds nothing left to wait for finds what has come of it, too.
        $order->load(['refunds.person', ...ReadBalance::WITH, 'cardMovements.card', 'lines.product', 'lines.variant', 'steps.person', 'downloads.line', 'downloads.files.file.versions', 'downloads.files.uses' => static fn (Relation $uses) => $uses->limit(self::USES_SHOWN)]);
        $order->setRawAttributes(Order::query()->findOrFail($order->id)->getAttributes(), true);

        return OrderResource::of($order, $version, $shop->zone(), $this->clock->moment());
    }
}
