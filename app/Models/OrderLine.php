<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\SaidCast;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Quote\BillLine;
use PaperKite\Words\Said;

/**
 * What was sold, as it was called and priced when it was paid.
 *
 * @property int $id
 * @property int $order_id
 * @property int $product_id
 * @property int|null $variant_id
 * @property int|null $placement_id
 * @property int|null $label_id of the open link, as `Results\Labels` knows it
 * @property string $sku
 * @property string $name
 * @property string $choices
 * @property string $picture
 * @property int $quantity
 * @property string $terms on which it was picked
 * @property int|null $amount_minor what the shopper gave for one
 * @property ProductKind $kind
 * @property string|null $thanks the words of thanks of a cause
 * @property int $back_ordered
 * @property int $unit_minor
 * @property int $subtotal_minor
 * @property int $discount_minor
 * @property int $tax_minor
 * @property string|null $tax_class `null` for what is money itself, and where it was not kept
 * @property string|null $tax_rate in percent; `null` where it was not kept
 * @property int|null $profit_minor before the provider's fee; `null` where it was not kept
 * @property Said|null $because why a piece cost what it cost
 */
final class OrderLine extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['because' => SaidCast::class, 'kind' => ProductKind::class];
    }

    public function onBill(Order $order): BillLine
    {
        return new BillLine(
            $this->name,
            $this->choices,
            $this->sku,
            $this->quantity,
            $this->back_ordered,
            $order->money($this->unit_minor),
            $order->money($this->subtotal_minor),
            $this->because,
        );
    }
}
