<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An offer as it was said once.
 *
 * @property int $id
 * @property int $offer_id
 * @property int $version
 * @property string $sentence
 * @property array<string, mixed> $entry
 * @property CarbonImmutable $created_at
 * @property Person|null $person
 */
final class OfferVersion extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['entry' => 'array', 'created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
