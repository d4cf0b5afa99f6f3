<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use InvalidArgumentException;
use PaperKite\Refusal;

final class InvalidAsk extends InvalidArgumentException implements Refusal
{
    public static function limits(int $least, int $most): self
    {
        return new self("“{$least}” to “{$most}” leaves nothing to ask; the second must be more than the first.");
    }
}
