<?php

declare(strict_types=1);

namespace App\Uploads;

use RuntimeException;

/** The disk is full. The message says what was kept and what to do. */
final class NoRoom extends RuntimeException
{
    public static function forAll(string $shown): self
    {
        return new self("The server has no room for {$shown} just now; nothing was kept. Tell whoever runs it, and upload the file again.");
    }

    public static function inTheMiddle(): self
    {
        return new self('The server ran out of room while the file came; nothing of it was kept. Tell whoever runs it, and upload the file again.');
    }
}
