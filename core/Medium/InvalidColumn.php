<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidColumn extends InvalidArgumentException implements Refusal
{
    public static function tooManyLines(int $lines, int $most): self
    {
        return new self("The text of the column has {$lines} lines; shorten it to {$most}.");
    }
}
