<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;

/** Writes a click down, with its hour. */
final readonly class RecordClick
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    public function __invoke(Click $click): void
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
