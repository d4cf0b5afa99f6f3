<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Database\Contention;
use App\Time\Clock;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;

/** Writes a click down, with its hour. A sale is worth more than its count: where that can't be written, the click goes on. */
final readonly class RecordClick
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private ExceptionHandler $exceptions,
    ) {}

    public function __invoke(Click $click): void
    {
        try {
            $this->write($click);
        } catch (QueryException $failure) {
            // What ends the transaction is the transaction's to answer.
            if (Contention::of($failure) !== null) {
                throw $failure;
            }
            $this->exceptions->report($failure);
        }
    }

    private function write(Click $click): void
    {
        $this->db->table('clicks')->insert([
            'shop_id' => $click->shopId,
            'offer_id' => $click->offerId,
            'placement_id' => $click->placementId,
            'label' => $click->label,
            'country' => $click->country,
            'device' => $click->device->value,
            'hour' => $this->clock->now()->startOfHour(),
        ]);
    }
}
