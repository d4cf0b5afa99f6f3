<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Models\Download;
use Illuminate\Database\Eloquent\Builder;

/** Who bought an earlier version of a file and was not told of a later one yet. Whose link was stopped is not among them: what they paid went back. */
final class EarlierBuyers
{
    /** @return Builder<Download> their links */
    public static function of(int $fileId, int $version): Builder
    {
        return Download::query()->whereNull('stopped_at')->whereHas('files', static fn (Builder $files) => $files->where('product_file_id', $fileId)->where('version', '<', $version)->where('told', '<', $version));
    }
}
