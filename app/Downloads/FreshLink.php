<?php

declare(strict_types=1);

namespace App\Downloads;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\MessageKind;
use App\Models\Order;
use App\Time\Clock;

/** Gives a line another link, whose days and downloads begin anew, and mails it; the one before leads nowhere. */
final readonly class FreshLink
{
    public function __construct(
        private WriteMessage $writeMessage,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    public function __invoke(Download $download): Download
    {
        return ($this->inTransaction)(fn (): Download => $this->made($this->locked($download), MessageKind::Downloads));
    }

    /** Once for each version, however often it is asked for. */
    public function forVersion(Download $download, int $fileId, int $version): void
    {
        ($this->inTransaction)(function () use ($download, $fileId, $version): void {
            $locked = $this->locked($download);
            $told = DownloadFile::query()->where(['download_id' => $locked->id, 'product_file_id' => $fileId])->where('told', '<', $version)->update(['told' => $version]);
            if ($told > 0 && $locked->stopped_at === null) {
                $this->made($locked, MessageKind::NewVersion);
            }
        });
    }

    private function locked(Download $download): Download
    {
        return Download::query()->whereKey($download->id)->lockForUpdate()->firstOrFail();
    }

    private function made(Download $locked, MessageKind $kind): Download
    {
        $order = Order::query()->whereKey($locked->order_id)->with('shop')->firstOrFail();
        $terms = $locked->load('line.product')->line->product->downloadTerms($order->shop);
        $turn = $locked->turn + 1;
        $locked->update(['turn' => $turn, 'digest' => Download::digestOf($locked->order_line_id, $turn), 'until' => $this->clock->now()->addDays($terms->days), 'most' => $terms->times * $locked->line->quantity, 'stopped_at' => null]);
        DownloadFile::query()->where('download_id', $locked->id)->update(['used' => 0]);
        $this->writeMessage->ofDownload($order, $locked, $kind);

        return $locked;
    }
}
