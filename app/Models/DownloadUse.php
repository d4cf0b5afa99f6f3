<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A download that was begun and counted; until its time is over it is gone on with, however often it breaks off.
 *
 * @property int $id
 * @property int $download_file_id
 * @property int $version
 * @property string $digest of what names it in its address
 * @property CarbonImmutable $at
 * @property CarbonImmutable $until
 * @property DownloadFile $of
 */
final class DownloadUse extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'until' => 'immutable_datetime'];
    }

    /** @return BelongsTo<DownloadFile, $this> */
    public function of(): BelongsTo
    {
        return $this->belongsTo(DownloadFile::class, 'download_file_id');
    }
}
