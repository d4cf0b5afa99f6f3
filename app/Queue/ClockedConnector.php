<?php

declare(strict_types=1);

namespace App\Queue;

use App\Time\Clock;
use Illuminate\Database\DatabaseManager;
use Illuminate\Queue\Connectors\ConnectorInterface;

final readonly class ClockedConnector implements ConnectorInterface
{
    public function __construct(
        private DatabaseManager $db,
        private Clock $clock,
        private KeepUnreadable $keep,
    ) {}

    /** @param  array<mixed>  $config  as in config/queue.php */
    public function connect(array $config): ClockedQueue
    {
        $text = static fn (string $key): string => is_string($config[$key] ?? null) ? $config[$key] : throw new \LogicException("The queue’s “{$key}” is not a text.");

        return new ClockedQueue($this->clock, $this->keep, $this->db->connection(), $text('table'), $text('queue'), is_int($config['retry_after'] ?? null) ? $config['retry_after'] : 30);
    }
}
