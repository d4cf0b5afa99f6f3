<?php

declare(strict_types=1);

namespace PaperKite\Download;

use DomainException;
use PaperKite\Refusal;

final class InvalidFileName extends DomainException implements Refusal
{
    public static function turned(): self
    {
        return new self('The name of the file has a mark in it that turns letters around; rename the file and choose it again.');
    }

    public static function dots(string $name): self
    {
        return new self("“{$name}” is no name of a file; rename the file and choose it again.");
    }
}
