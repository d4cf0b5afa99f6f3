<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\Person;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Database\Query\Expression;
use PaperKite\Download\FileName;
use PaperKite\Download\FileSize;

/** Makes room for a file that comes in parts. */
final readonly class BeginUpload
{
    public function __construct(
        private FileFolder $folder,
        private Clock $clock,
        /** In bytes, that are left free for the rest of the machine. */
        private int $reserve,
    ) {}

    /** @throws NoRoom */
    public function __invoke(Shop $shop, ?Person $person, FileName $name, FileSize $size): StoredFile
    {
        if ($this->folder->room() - $this->reserve < $size->bytes + $this->pending()) {
            throw NoRoom::forAll(FileSize::shownOf($size->bytes));
        }
        $now = $this->clock->now();

        return StoredFile::query()->create([
            'shop_id' => $shop->id, 'person_id' => $person?->id, 'name' => $name->text, 'path' => "{$shop->id}/".Secrets::token(),
            'bytes' => $size->bytes, 'received' => 0, 'sha256' => null, 'created_at' => $now, 'touched_at' => $now,
        ]);
    }

    /** @return int bytes of files that are just coming */
    private function pending(): int
    {
        $pending = StoredFile::query()->whereNull('sha256')->sum(new Expression('bytes - received'));

        return is_numeric($pending) ? (int) $pending : 0;
    }
}
