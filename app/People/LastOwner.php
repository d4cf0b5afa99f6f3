<?php

declare(strict_types=1);

namespace App\People;

use RuntimeException;

final class LastOwner extends RuntimeException
{
    public static function of(string $name): self
    {
        return new self("{$name} is the only owner of this shop; make somebody else an owner first.");
    }
}
