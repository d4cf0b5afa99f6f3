<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Database\InTransaction;
use App\Models\FileVersion;
use App\Models\ProductFile;
use App\Models\StoredFile;
use App\Time\Clock;

/** Sells another version of a file from now on. Who bought an earlier one keeps it, or gets this one and is told by mail, as the seller says. */
final readonly class ReplaceFile
{
    public function __construct(
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @param  StoredFile  $stored  that is whole; asked twice with it, it is the same version */
    public function __invoke(ProductFile $file, StoredFile $stored, bool $isForEarlier): ProductFile
    {
        return ($this->inTransaction)(function () use ($file, $stored, $isForEarlier): ProductFile {
            $locked = ProductFile::query()->whereKey($file->id)->lockForUpdate()->firstOrFail();
            if (FileVersion::query()->where('stored_file_id', $stored->id)->doesntExist()) {
                $number = $locked->version + 1;
                $locked->versions()->create(['number' => $number, 'stored_file_id' => $stored->id, 'name' => $stored->name, 'is_for_earlier' => $isForEarlier, 'created_at' => $this->clock->now()]);
                $locked->update(['version' => $number]);
                if ($isForEarlier) {
                    TellEarlierBuyers::dispatch($locked->id, $number);
                }
            }

            return $locked;
        });
    }
}
