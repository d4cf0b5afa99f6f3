<?php

declare(strict_types=1);

namespace App\People;

use RuntimeException;

final class CantInvite extends RuntimeException
{
    public static function worksHere(string $email): self
    {
        return new self("“{$email}” works in this shop already; change the role in the list.");
    }

    public static function tooMany(int $most): self
    {
        return new self("{$most} invitations are open already; withdraw one first.");
    }
}
