<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Database\InTransaction;
use App\Models\DerivedSecret;
use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\DownloadUse;
use App\Text\Secrets;
use App\Time\Clock;
use PaperKite\Download\LinkState;

/** Counts a download where its button was pressed; pressed again within a day, it is the same, however often it broke off. */
final readonly class UseDownload
{
    private const RESUMED_FOR_HOURS = 24;

    public function __construct(
        private DerivedSecret $secret,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @return string|null what names it in its address; `null` where none is left, or the link is over */
    public function __invoke(Download $download, int $fileId): ?string
    {
        return ($this->inTransaction)(function () use ($download, $fileId): ?string {
            $locked = Download::query()->whereKey($download->id)->lockForUpdate()->firstOrFail();
            $file = DownloadFile::query()->where(['download_id' => $locked->id, 'id' => $fileId])->with('file.versions')->first();
            if ($file === null || $locked->state($this->clock->moment()) !== LinkState::Open) {
                return null;
            }
            $begun = $this->begun($file) ?? ($file->used < $locked->most ? $this->counted($file) : null);

            return $begun === null ? null : $this->secretOf($begun);
        });
    }

    /** One that can be gone on with: of the version that is handed out now. */
    private function begun(DownloadFile $file): ?DownloadUse
    {
        return DownloadUse::query()->where(['download_file_id' => $file->id, 'version' => $file->current()->number])->where('until', '>', $this->clock->now())->first();
    }

    private function counted(DownloadFile $file): DownloadUse
    {
        $now = $this->clock->now();
        $use = DownloadUse::query()->create(['download_file_id' => $file->id, 'version' => $file->current()->number, 'at' => $now, 'until' => $now->addHours(self::RESUMED_FOR_HOURS), 'digest' => DerivedSecret::digest(Secrets::token())]);
        $use->update(['digest' => DerivedSecret::digest($this->secretOf($use))]);
        DownloadFile::query()->whereKey($file->id)->increment('used');

        return $use;
    }

    private function secretOf(DownloadUse $use): string
    {
        return $this->secret->of("download use {$use->id}");
    }
}
