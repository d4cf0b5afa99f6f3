<?php

declare(strict_types=1);

namespace App\Uploads;

use RuntimeException;

/** A part that is not the one which comes next, or not as it was sent. What came before it is still there. */
final class PartRefused extends RuntimeException
{
    /** It begins somewhere else than where the file goes on. */
    public static function elsewhere(int $received): self
    {
        return new self("The file goes on at byte {$received}; send the part that begins there.");
    }

    public static function ofAnotherLength(int $bytes): self
    {
        return new self("The part that comes next has {$bytes} bytes; send exactly these.");
    }

    public static function damaged(): self
    {
        return new self('The part did not arrive as it was sent; send it again.');
    }
}
