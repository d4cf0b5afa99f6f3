<?php

declare(strict_types=1);

namespace App\Orders;

use Illuminate\Database\ConnectionInterface;

/** The next number of a series of a shop, without gaps: it is taken with what it numbers, or not at all. */
final readonly class NextNumber
{
    private const FIRST = 1001;

    public function __construct(private ConnectionInterface $db) {}

    /** Runs inside a transaction, as late in it as can be: whoever wants a number of the series after this waits for its end. */
    public function __invoke(int $shopId, string $series): int
    {
        $this->db->insert(
            'INSERT INTO shop_series (shop_id, series, last_number) VALUES (?, ?, LAST_INSERT_ID(?)) ON DUPLICATE KEY UPDATE last_number = LAST_INSERT_ID(last_number + 1)',
            [$shopId, $series, self::FIRST],
        );
        $row = $this->db->selectOne('SELECT LAST_INSERT_ID() AS number');

        return is_object($row) && isset($row->number) && is_numeric($row->number) ? (int) $row->number : throw new \LogicException('The database gave no number.');
    }
}
