<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use DomainException;
use PaperKite\Refusal;

final class InvalidDetail extends DomainException implements Refusal
{
    public static function country(): self
    {
        return new self('Pick the country from the list.');
    }
}
