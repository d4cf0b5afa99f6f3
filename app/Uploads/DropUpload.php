<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\StoredFile;

/** Forgets a file that nobody sells. */
final readonly class DropUpload
{
    public function __construct(private FileFolder $folder) {}

    public function __invoke(StoredFile $file): void
    {
        // Its row first: a file without a row is swept, a row without a file would be sold.
        $file->delete();
        $this->folder->remove($file);
    }
}
