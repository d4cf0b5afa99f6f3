<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Two to four placements that stand side by side.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $badge what stands above the column that stands out; blank: nothing
 * @property string|null $copied
 * @property CarbonImmutable|null $copied_at
 * @property bool $is_stale
 * @property CarbonImmutable|null $put_away_at
 * @property Collection<int, Placement> $columns
 * @property Collection<int, DisplayPlacement> $places
 * @property CarbonImmutable|null $deleted_at
 */
final class PriceTable extends Model
{
    use CanBeDeleted;

    /** @var list<string> all that its columns need */
    public const TOLD_WITH = ['columns.offer.lines.product.variants', 'columns.offer.lines.product.addresses.marketplace.partner', 'columns.offer.lines.product.addresses.marketplace.hosts', 'columns.offer.lines.variant'];

    /** @var array<string, mixed> */
    protected $attributes = ['badge' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['deleted_at' => 'immutable_datetime', 'copied_at' => 'immutable_datetime', 'is_stale' => 'boolean', 'put_away_at' => 'immutable_datetime'];
    }

    /** @return HasMany<DisplayPlacement, $this> where all of it stands */
    public function places(): HasMany
    {
        return $this->hasMany(DisplayPlacement::class, 'whole_table_id')->orderBy('id');
    }

    /** @return HasMany<Placement, $this> */
    public function columns(): HasMany
    {
        return $this->hasMany(Placement::class)->orderBy('table_position');
    }
}
