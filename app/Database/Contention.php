<?php

declare(strict_types=1);

namespace App\Database;

use PDOException;
use Throwable;

/** How the database says that two transactions stood in each other's way. */
enum Contention
{
    /** Each waited for the other; this one was ended. */
    case Deadlock;

    /** Somebody held a lock for longer than innodb_lock_wait_timeout. */
    case WaitedTooLong;

    /**
     * @return self|null `null` where something else went wrong
     *
     * @see https://mariadb.com/kb/en/mariadb-error-codes/ 1205, 1213
     */
    public static function of(Throwable $failure): ?self
    {
        return match (true) {
            ! $failure instanceof PDOException => null,
            ($failure->errorInfo[1] ?? null) === 1213 => self::Deadlock,
            ($failure->errorInfo[1] ?? null) === 1205 => self::WaitedTooLong,
            default => null,
        };
    }
}
