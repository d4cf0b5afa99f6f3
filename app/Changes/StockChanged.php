<?php

declare(strict_types=1);

namespace App\Changes;

use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;

/**
 * What an order takes off the shelf, or brings back to it, is another state of the shop for whoever keeps what they have
 * read of it. It is noted after the order is written, since no shopper waits for another, or for a seller, at the shop's
 * one row; a server that is killed in between leaves what is kept to grow old by itself.
 */
final readonly class StockChanged
{
    public function __construct(
        private Connection $db,
        private Marks $marks,
        private ExceptionHandler $exceptions,
    ) {}

    /** Runs inside the transaction that changes the stock. */
    public function of(int $shopId): void
    {
        $this->db->afterCommit(function () use ($shopId): void {
            $this->marks->set($shopId);
            try {
                $this->db->insert('INSERT INTO shop_revisions (shop_id, revision) VALUES (?, 1) ON DUPLICATE KEY UPDATE revision = revision + 1', [$shopId]);
            } catch (QueryException $failure) {
                $this->exceptions->report($failure);
            }
        });
    }
}
