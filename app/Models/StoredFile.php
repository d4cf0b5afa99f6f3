<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Download\FileSize;

/**
 * A file as it comes in, part by part, or as it came.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $person_id
 * @property string $name
 * @property string $path in the folder of files
 * @property int $bytes
 * @property int $received
 * @property string|null $sha256 of the whole, in hexadecimal digits; `null` while it comes
 * @property string|null $hashing the checksum so far
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $touched_at
 */
final class StoredFile extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $hidden = ['hashing'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime', 'touched_at' => 'immutable_datetime'];
    }

    public function isWhole(): bool
    {
        return $this->sha256 !== null;
    }

    /** In bytes, of the part that comes next. */
    public function nextPart(): int
    {
        return FileSize::of($this->bytes)->partAt($this->received);
    }
}
