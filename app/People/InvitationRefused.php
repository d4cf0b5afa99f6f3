<?php

declare(strict_types=1);

namespace App\People;

use RuntimeException;

final class InvitationRefused extends RuntimeException
{
    private function __construct(string $message, public readonly bool $isOver = false)
    {
        parent::__construct($message);
    }

    public static function isOver(): self
    {
        return new self('This invitation can’t be used any more; ask for a new one.', isOver: true);
    }

    public static function isKnown(string $email): self
    {
        return new self("“{$email}” has a password here already; sign in with it, and open the link again.");
    }

    public static function isForAnother(string $email): self
    {
        return new self("This invitation is for {$email}; sign in as that person, or open it in another browser.");
    }
}
