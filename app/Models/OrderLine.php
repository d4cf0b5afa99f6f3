<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\SaidCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use PaperKite\Catalogue\Event;
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
 * @property int|null $offer_id of what was clicked, where the placement shows several
 * @property int|null $label_id of the open link, as `Results\Labels` knows it
 * @property string $sku
 * @property string $name
 * @property string $choices
 * @property string $picture
 * @property int $quantity
 * @property string $terms on which it was picked
 * @property int|null $amount_minor what the shopper gave for one
 * @property ProductKind $kind
 * @property list<string>|null $attendees who comes, a name for each seat
 * @property string|null $thanks the words of thanks of a cause
 * @property int $back_ordered
 * @property int $unit_minor
 * @property int $subtotal_minor
 * @property int $discount_minor
 * @property int $tax_minor
 * @property string|null $tax_class `null` for what is money itself, and where it was not kept
 * @property string|null $tax_rate in percent; `null` where it was not kept
 * @property int|null $profit_minor before the provider's fee; `null` where it was not kept
 * @property Order $order
 * @property Product $product
 * @property Variant|null $variant
 * @property Download|null $download
 * @property GiftCard|null $giftCard
 * @property Said|null $because why a piece cost what it cost
 */
final class OrderLine extends Model
{
    use HasEvent;

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['because' => SaidCast::class, 'kind' => ProductKind::class, 'attendees' => 'array'];
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
            $this->event(),
        );
    }

    /** When and where it takes place now: as it was sold, unless it was moved since. */
    public function event(): ?Event
    {
        if ($this->begins_at === null) {
            return null;
        }
        $this->loadMissing(['product', 'variant']);

        return $this->product->event($this->variant) ?? $this->ownEvent();
    }

    /** Whether it was moved since its shopper was told. */
    public function isMoved(): bool
    {
        return $this->begins_at !== null && $this->event_sequence < $this->product->eventSequence($this->variant);
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        // What was deleted since is still what it was.
        $product = $this->belongsTo(Product::class);
        $product->withoutGlobalScope(SoftDeletingScope::class);

        return $product;
    }

    /** @return HasOne<Download, $this> the link to the files that were bought */
    public function download(): HasOne
    {
        return $this->hasOne(Download::class);
    }

    /** @return HasOne<GiftCard, $this> that was sold by it */
    public function giftCard(): HasOne
    {
        return $this->hasOne(GiftCard::class);
    }

    /** @return BelongsTo<Variant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(Variant::class);
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
