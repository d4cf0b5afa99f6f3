<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Changes\StockChanged;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Product;
use App\Models\StockMovement;
use App\Models\Variant;
use App\Time\Clock;
use PaperKite\Order\GoodsState;

/** Puts pieces of an order back on the shelf. Runs inside the transaction that has locked the order. */
final readonly class PutBack
{
    public function __construct(
        private Clock $clock,
        private StockChanged $changed,
    ) {}

    /**
     * @param  Order  $order  locked, with its lines
     * @param  array<int, int>  $pieces  by the id of the line
     * @param  int  $refundId  0 where none goes with it
     */
    public function __invoke(Order $order, array $pieces, int $refundId): void
    {
        $lines = $order->lines->filter(static fn (OrderLine $line): bool => ($pieces[$line->id] ?? 0) > 0)->sortBy(['product_id', 'variant_id']);
        // Locked as when they were taken: all products by id, then all variants by id.
        $products = Product::withDeleted()->whereKey($lines->pluck('product_id')->all())->orderBy('id')->lockForUpdate()->get(['id', 'stock'])->keyBy('id');
        $variants = Variant::query()->whereKey($lines->pluck('variant_id')->filter()->all())->orderBy('id')->lockForUpdate()->get(['id', 'stock'])->keyBy('id');
        foreach ($lines as $line) {
            $count = $this->onTheShelf($order, $line, $pieces[$line->id]);
            $shelf = $line->variant_id === null ? $products->get($line->product_id) : $variants->get($line->variant_id);
            if ($count > 0 && $shelf !== null) {
                $this->add($order, $line, $shelf, $count, $refundId);
            }
        }
    }

    /** Pieces that were never on the shelf, and have not been sent since, do not come back to it. */
    private function onTheShelf(Order $order, OrderLine $line, int $pieces): int
    {
        if ($order->goods_state === GoodsState::Sent || $order->goods_state === GoodsState::Collected) {
            return $pieces;
        }
        $missing = min($pieces, $line->back_ordered);
        if ($missing > 0) {
            $line->update(['back_ordered' => $line->back_ordered - $missing]);
        }

        return $pieces - $missing;
    }

    private function add(Order $order, OrderLine $line, Product|Variant $shelf, int $count, int $refundId): void
    {
        if ($shelf->stock !== null) {
            $shelf->newQuery()->whereKey($shelf->id)->toBase()->increment('stock', $count);
            // A product may stand in several lines.
            $shelf->stock += $count;
            $this->changed->of($order->shop_id);
        }
        StockMovement::query()->insert([
            'product_id' => $line->product_id, 'variant_id' => $line->variant_id, 'order_id' => $order->id, 'order_line_id' => $line->id,
            'kind' => 'returned', 'refund_id' => $refundId, 'pieces' => $count, 'created_at' => $this->clock->now(),
        ]);
    }
}
