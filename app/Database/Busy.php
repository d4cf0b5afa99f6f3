<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;
use Throwable;

/** Others held what was needed for too long. Nothing was written, and asking again later may help. */
final class Busy extends RuntimeException
{
    public static function with(string $name): self
    {
        return new self("Others were at “{$name}” for too long.");
    }

    public static function because(Throwable $contention): self
    {
        return new self('The database was busy with the same rows for too long.', previous: $contention);
    }
}
