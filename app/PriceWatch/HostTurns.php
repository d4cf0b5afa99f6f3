<?php

declare(strict_types=1);

namespace App\PriceWatch;

use App\Database\InTransaction;
use App\Time\MachineClock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;

/** Each host is asked once a second, by however many workers, and left alone for as long as it says. By the machine's clock: it is other people's time. */
final readonly class HostTurns
{
    private const MILLISECONDS = 1_000;

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
        private MachineClock $clock,
    ) {}

    /** @return int milliseconds to wait; 0: the turn is taken */
    public function take(string $host): int
    {
        return ($this->inTransaction)(function () use ($host): int {
            $now = $this->clock->now();
            $this->db->table('price_hosts')->insertOrIgnore(['host' => $host, 'next_at' => $now->format('Y-m-d H:i:s.v')]);
            $next = $this->db->table('price_hosts')->where('host', $host)->lockForUpdate()->value('next_at');
            $wait = (int) ceil($now->diffInMilliseconds(CarbonImmutable::parse(is_string($next) ? $next : 'now', 'UTC')));
            if ($wait > 0) {
                return $wait;
            }
            $this->leave($host, self::MILLISECONDS);

            return 0;
        });
    }

    /** After it has answered: a second passes from there, or as much as it wants. */
    public function leave(string $host, int $milliseconds = self::MILLISECONDS): void
    {
        $this->db->table('price_hosts')->where('host', $host)->update(['next_at' => $this->clock->now()->addMilliseconds(max($milliseconds, self::MILLISECONDS))->format('Y-m-d H:i:s.v')]);
    }
}
