<?php

declare(strict_types=1);

namespace App\People;

use RuntimeException;

final class WrongCode extends RuntimeException
{
    public static function missing(): self
    {
        return new self('Type the six digits that your app shows, or one of your recovery codes.');
    }

    public static function wrong(): self
    {
        return new self('This code is not the one of now; wait for the next one that your app shows, and type it.');
    }

    public static function closed(int $minutes): self
    {
        return new self("A wrong code was typed five times. Try again in {$minutes} minutes.");
    }
}
