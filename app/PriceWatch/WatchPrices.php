<?php

declare(strict_types=1);

namespace App\PriceWatch;

use App\Models\PartnerAddress;
use App\Time\Clock;
use App\Time\MachineClock;
use Illuminate\Database\Eloquent\Builder;

/** Looks at the pages of partners' items that are due, one a second of each host, as many as fit into the time that it has. */
final readonly class WatchPrices
{
    public function __construct(
        private CheckPrice $check,
        private Clock $clock,
        private MachineClock $machine,
    ) {}

    /** @return int how many pages were looked at */
    public function __invoke(float $seconds): int
    {
        $end = $this->machine->seconds() + $seconds;
        $done = 0;
        while ($this->machine->seconds() < $end) {
            $wait = null;
            $before = $done;
            foreach ($this->next() as $address) {
                $milliseconds = $this->machine->seconds() < $end ? ($this->check)($address) : 0;
                $done += $milliseconds === 0 ? 1 : 0;
                $wait = $milliseconds === 0 ? $wait : min($wait ?? $milliseconds, $milliseconds);
            }
            if ($wait === null && $done === $before || $this->machine->seconds() + ($wait ?? 0) / 1_000 >= $end) {
                break;
            }
            usleep($done === $before ? (int) $wait * 1_000 : 0);
        }

        return $done;
    }

    /** @return iterable<PartnerAddress> of each marketplace the one that is due for longest */
    private function next(): iterable
    {
        $first = self::due($this->clock)->groupBy('marketplace_id')->selectRaw('CAST(SUBSTRING_INDEX(MIN(CONCAT(check_at, "/", LPAD(id, 20, "0"))), "/", -1) AS UNSIGNED)');

        return PartnerAddress::query()->whereIn('id', $first)->with(['marketplace.partner', 'marketplace.hosts'])->orderBy('check_at')->get();
    }

    /** @return Builder<PartnerAddress> */
    private static function due(Clock $clock): Builder
    {
        return PartnerAddress::items()->where('check_at', '<=', $clock->now());
    }
}
