<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\PlacementLink;

/**
 * A placement that shows several ways to buy: a whole price table, or a shelf, in one place. It has no offer of its own; the
 * columns of a table have.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $whole_table_id of a price table
 * @property int|null $shelf_id
 * @property string $code
 * @property string $page
 * @property string $medium
 * @property string|null $label
 * @property CarbonImmutable|null $paused_at
 * @property CarbonImmutable|null $deleted_at
 * @property Shop $shop
 * @property PriceTable|null $priceTable
 * @property Shelf|null $shelf
 */
final class DisplayPlacement extends Model
{
    use CanBeDeleted;

    protected $table = 'placements';

    protected static function booted(): void
    {
        self::addGlobalScope('display', static fn (Builder $query) => $query->whereNull('placements.offer_id'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['deleted_at' => 'immutable_datetime', 'paused_at' => 'immutable_datetime'];
    }

    public function link(Shop $shop): PlacementLink
    {
        return new PlacementLink($shop->base(), PlacementCode::read($this->code) ?? throw new \LogicException("Placement {$this->id} has no readable code."));
    }

    /** What it shows is called. */
    public function name(): string
    {
        return $this->priceTable->name ?? $this->shelf->name ?? throw new \LogicException("Placement {$this->id} shows nothing.");
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<PriceTable, $this> */
    public function priceTable(): BelongsTo
    {
        // What was deleted since is called what it was.
        $table = $this->belongsTo(PriceTable::class, 'whole_table_id');
        $table->withoutGlobalScope(SoftDeletingScope::class);

        return $table;
    }

    /** @return BelongsTo<Shelf, $this> */
    public function shelf(): BelongsTo
    {
        $shelf = $this->belongsTo(Shelf::class);
        $shelf->withoutGlobalScope(SoftDeletingScope::class);

        return $shelf;
    }
}
