<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A file behind a link, and how often it was downloaded by it.
 *
 * @property int $id
 * @property int $download_id
 * @property int $product_file_id
 * @property int $version that was sold
 * @property int $told the last version of which its buyer was told by mail
 * @property int $used
 * @property Download $download
 * @property ProductFile $file
 * @property Collection<int, DownloadUse> $uses
 */
final class DownloadFile extends Model
{
    public $timestamps = false;

    /** What is handed out now. */
    public function current(): FileVersion
    {
        return $this->file->versionFor($this->version);
    }

    /** @return BelongsTo<Download, $this> */
    public function download(): BelongsTo
    {
        return $this->belongsTo(Download::class);
    }

    /** @return HasMany<DownloadUse, $this> the last first */
    public function uses(): HasMany
    {
        return $this->hasMany(DownloadUse::class)->orderByDesc('id');
    }

    /** @return BelongsTo<ProductFile, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(ProductFile::class, 'product_file_id');
    }
}
