<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\Connection;
use Throwable;

/**
 * Does work in one transaction, and does it again where the database ends it so that others can go on.
 *
 * Work may therefore run several times: it changes nothing but the database. Mail, cookies, limits and what is counted
 * in shared memory come before or after it.
 */
final readonly class InTransaction
{
    /** Deadlocks are found at once, so that many tries cost little. */
    private const MOST_TRIES = 12;

    /** A lock that was not given within innodb_lock_wait_timeout is asked for once more. */
    private const MOST_WAITS = 2;

    private const LONGEST_PAUSE_MICROSECONDS = 200_000;

    public function __construct(private Connection $db) {}

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws Busy when others hold for long what the work needs
     * @throws Throwable what the work throws
     */
    public function __invoke(Closure $work): mixed
    {
        // Within another transaction it is that one which is done again.
        if ($this->db->transactionLevel() > 0) {
            return $this->once($work);
        }
        $waits = 0;
        for ($try = 1; ; $try++) {
            try {
                return $this->once($work);
            } catch (Throwable $failure) {
                $kind = Contention::of($failure) ?? throw $failure;
                $waits += $kind === Contention::WaitedTooLong ? 1 : 0;
                if ($try === self::MOST_TRIES || $waits === self::MOST_WAITS) {
                    throw Busy::because($failure);
                }
                // Jittered, so that those who met do not meet again.
                usleep(random_int(1_000, min(self::LONGEST_PAUSE_MICROSECONDS, 5_000 * 2 ** $try)));
            }
        }
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private function once(Closure $work): mixed
    {
        $level = $this->db->transactionLevel();
        $this->db->beginTransaction();
        try {
            $result = $work();
            $this->db->commit();

            return $result;
        } catch (Throwable $failure) {
            $this->leave($level);
            throw $failure;
        }
    }

    /** After a deadlock the database has left the transaction already, savepoints and all. */
    private function leave(int $level): void
    {
        try {
            $this->db->rollBack($level);
        } catch (Throwable) {
            // The connection is gone, and the transaction with it.
        }
    }
}
