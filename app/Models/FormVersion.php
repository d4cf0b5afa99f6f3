<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a form said in one of its versions.
 *
 * @property int $shop_id
 * @property string $kind
 * @property int $subject_id
 * @property int $version
 * @property array<mixed> $form as it would be sent unchanged
 * @property CarbonImmutable $at
 * @property Person|null $person who made it so; `null` where nobody knows
 */
final class FormVersion extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['form' => 'array', 'at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
