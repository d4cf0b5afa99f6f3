<?php

declare(strict_types=1);

namespace App\Shops;

use PaperKite\Refusal;
use RuntimeException;

/** What is said once has been said meanwhile. */
final class AlreadyThere extends RuntimeException implements Refusal
{
    public static function zone(): self
    {
        return new self('Somebody has said meanwhile where the shop ships to; look at it under Shop.');
    }

    public static function rate(string $class): self
    {
        return new self("“{$class}” has a rate meanwhile; look at it under Shop.");
    }
}
