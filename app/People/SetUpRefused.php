<?php

declare(strict_types=1);

namespace App\People;

use RuntimeException;

final class SetUpRefused extends RuntimeException
{
    private function __construct(
        string $message,
        public readonly bool $isOver = false,
        public readonly bool $isClosed = false,
    ) {
        parent::__construct($message);
    }

    public static function wrongWord(): self
    {
        return new self('This is not the set-up word; copy it from the terminal in which Paper Kite was started.');
    }

    public static function closed(int $minutes): self
    {
        return new self("A wrong set-up word was typed five times. Try again in {$minutes} minutes, or have a new word printed by “php artisan install:word”.", isClosed: true);
    }

    public static function over(): self
    {
        return new self('This installation is set up already.', isOver: true);
    }
}
