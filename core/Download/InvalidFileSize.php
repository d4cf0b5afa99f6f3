<?php

declare(strict_types=1);

namespace PaperKite\Download;

use DomainException;
use PaperKite\Refusal;

final class InvalidFileSize extends DomainException implements Refusal
{
    public static function blank(): self
    {
        return new self('There is nothing in this file; choose another.');
    }

    public static function tooLarge(string $shown): self
    {
        return new self("The file has {$shown}; up to 2 GB are taken. Make it smaller, or split it.");
    }
}
