<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use LogicException;

/**
 * A file that a product, or a variant of it, is sold with, in all its versions.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $product_id `null` while it is in no saved form
 * @property int|null $variant_id `null`: with every variant
 * @property int $position
 * @property int $version that is sold now
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $free_since
 * @property Product|null $product
 * @property Variant|null $variant
 * @property Collection<int, FileVersion> $versions the first first
 */
final class ProductFile extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime', 'free_since' => 'immutable_datetime'];
    }

    public function current(): FileVersion
    {
        return $this->numbered($this->version);
    }

    /** What somebody gets now who bought a version: that one, or the last after it that is for earlier buyers, too. */
    public function versionFor(int $bought): FileVersion
    {
        return $this->versions->last(static fn (FileVersion $version): bool => $version->number > $bought && $version->is_for_earlier) ?? $this->numbered($bought);
    }

    private function numbered(int $number): FileVersion
    {
        return $this->versions->firstWhere('number', $number) ?? throw new LogicException("File {$this->id} has no version {$number}.");
    }

    /** @return HasMany<FileVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(FileVersion::class)->orderBy('number');
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** @return BelongsTo<Variant, $this> */
    public function variant(): BelongsTo
    {
        return $this->belongsTo(Variant::class);
    }
}
