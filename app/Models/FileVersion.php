<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $product_file_id
 * @property int $number from 1
 * @property int $stored_file_id
 * @property string $name
 * @property bool $is_for_earlier whether who bought an earlier one gets it, too
 * @property CarbonImmutable $created_at
 * @property StoredFile $stored
 */
final class FileVersion extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_for_earlier' => 'boolean', 'created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<StoredFile, $this> */
    public function stored(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'stored_file_id');
    }
}
