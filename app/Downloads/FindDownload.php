<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Models\DerivedSecret;
use App\Models\Download;
use App\Models\DownloadUse;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Download\LinkState;

/** What the address of a link, or of a download that was begun, names; nothing for any other. */
final readonly class FindDownload
{
    public function __construct(private Clock $clock) {}

    public function link(Shop $shop, string $secret): ?Download
    {
        return Download::query()->where(['shop_id' => $shop->id, 'digest' => DerivedSecret::digest($secret)])->first();
    }

    /** One that can be gone on with. */
    public function begun(Shop $shop, string $secret): ?DownloadUse
    {
        $use = DownloadUse::query()->where('digest', DerivedSecret::digest($secret))->where('until', '>', $this->clock->now())->with(['of.download', 'of.file.versions.stored'])->first();
        $isTheirs = $use !== null && $use->of->download->shop_id === $shop->id;

        return $isTheirs && $use->of->download->state($this->clock->moment()) !== LinkState::Stopped ? $use : null;
    }
}
