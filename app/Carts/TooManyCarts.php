<?php

declare(strict_types=1);

namespace App\Carts;

use RuntimeException;

final class TooManyCarts extends RuntimeException
{
    public static function fromOneAddress(): self
    {
        return new self('Too many carts were begun from one address within a minute.');
    }
}
