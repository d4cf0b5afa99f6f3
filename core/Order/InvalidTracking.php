<?php

declare(strict_types=1);

namespace PaperKite\Order;

use DomainException;
use PaperKite\Refusal;

final class InvalidTracking extends DomainException implements Refusal
{
    public static function notAnAddress(): self
    {
        return new self('This is no address at which a parcel can be followed; copy it whole from the carrier, it begins with https://.');
    }

    public static function tooLong(int $longest): self
    {
        return new self("The address is longer than {$longest} characters; copy the carrier’s shorter one.");
    }
}
