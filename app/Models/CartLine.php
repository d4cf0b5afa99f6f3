<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\Quantity;

/**
 * @property int $id
 * @property int $cart_id
 * @property int $product_id
 * @property int|null $variant_id
 * @property int $quantity
 * @property int|null $placement_id
 * @property int|null $offer_id of what was clicked, where the placement shows several
 * @property int|null $label_id of the open link that led here, as `Results\Labels` knows it
 * @property int|null $seen_unit_minor
 * @property string $pick_key of what is one line of its cart
 * @property list<string>|null $attendees who comes, as typed; more names than seats are kept for when there are more again
 * @property list<array<string, string>>|null $gifts for whom each card is, as typed, by field
 * @property int|null $handed_to of a widget's cart: the cart of the shop that it was copied into
 * @property int $handed_pieces how many of it are there
 * @property bool $was_in_checkout that its checkout was opened is counted
 * @property Product $product
 * @property Variant|null $variant
 */
final class CartLine extends Model
{
    use HasTerms;

    public $timestamps = false;

    /** @var list<string> a line is nothing without its goods */
    protected $with = ['product', 'variant.picture'];

    public function toCore(): Pick
    {
        $product = $this->product->toCoreAs($this->variant);

        return new Pick($product, Quantity::of($this->quantity), $this->variant === null ? null : $product->variant($this->variant->sku), $this->termsOf($this->product));
    }

    /** @return list<string> a name for each seat, blank where none is typed; none where nobody is asked */
    public function attendees(): array
    {
        return $this->product->asksAttendees() ? array_slice(array_pad($this->attendees ?? [], $this->quantity, ''), 0, $this->quantity) : [];
    }

    /** @return list<FrozenGift> for whom each of them is, as typed; none where it is no gift card */
    public function gifts(): array
    {
        $typed = fn (int $piece, string $field): string => trim($this->gifts[$piece][$field] ?? '');

        return $this->product->kind->has(ProductPart::Recipient)
            ? array_map(static fn (int $piece): FrozenGift => new FrozenGift($typed($piece, 'name'), $typed($piece, 'email'), $typed($piece, 'message'), $typed($piece, 'day') === '' ? null : $typed($piece, 'day')), range(0, $this->quantity - 1))
            : [];
    }

    /** @return string blank where it has none */
    public function picturePath(): string
    {
        return $this->variant?->picture?->path() ?? $this->product->lead()->path ?? '';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['was_in_checkout' => 'boolean', 'attendees' => 'array', 'gifts' => 'array'];
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        // What was deleted since is still what it was.
        $product = $this->belongsTo(Product::class);
        $product->withoutGlobalScope(SoftDeletingScope::class);

        return $product;
    }

    /** @return BelongsTo<Variant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(Variant::class);
    }
}
