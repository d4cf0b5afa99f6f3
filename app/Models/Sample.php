<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Download\SampleKind;

/**
 * What is shown of goods before they are bought.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $product_id `null` while it is in no saved form
 * @property SampleKind $kind
 * @property SampleState $state
 * @property int $pages that were asked for; 0 where it has none
 * @property int|null $stored_file_id of which it is still to be made
 * @property string|null $file of sound or moving pictures
 * @property list<string> $pictures names of picture files
 * @property string $problem why it can't be shown; blank where it can
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $free_since
 * @property StoredFile|null $stored
 */
final class Sample extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SampleKind::class, 'state' => SampleState::class, 'pictures' => 'array', 'created_at' => 'immutable_datetime', 'free_since' => 'immutable_datetime'];
    }

    /** @return string|null of sound or moving pictures, at the shop's host */
    public function path(): ?string
    {
        return $this->file === null ? null : "/samples/{$this->file}";
    }

    /** @return list<LeadPicture> */
    public function shown(): array
    {
        return array_map(static fn (string $name): LeadPicture => LeadPicture::uploaded($name, ''), $this->pictures);
    }

    /** @return list<string> names of all files of its pictures */
    public function pictureFiles(): array
    {
        return array_merge(...array_map(static fn (string $name): array => PictureFile::named($name)->all(), $this->pictures));
    }

    /** @return BelongsTo<StoredFile, $this> */
    public function stored(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'stored_file_id');
    }
}
